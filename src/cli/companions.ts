import { z } from 'zod';
import { nameSchema } from '@/core/base/fields';
import { colourSchema, labTupleSchema } from '@/core/colour/colour-schema';
import { companions as companionsIn } from '@/core/engine/companions';
import type { JudgedStay } from '@/core/engine/judgement-protocol';
import type { LitRoom } from '@/core/engine/lit-room';
import { toTheEnd } from '@/core/engine/steps';
import { ROLES } from '@/core/companions/roles';
import { SCHOOLS } from '@/core/judge/kinds';
import { judgedThingSchema } from '@/core/judge/judge-request';
import { lrvOf } from '@/core/colour/lab';
import { latitudeSchema, longitudeSchema } from '@/core/light/measures';
import { roomSchema } from '@/core/light/room-description';
import { isTimeZone } from '@/core/light/time-zone';
import { strengthSchema } from '@/core/record/candidate';
import { ROOM_KINDS, ROOM_USES } from '@/core/room/use';
import { deckSchema, samplesOf, surfaceOf, type Sample } from './deck-samples';

const ofDeck = z.object({ id: nameSchema, strength: strengthSchema.default(100) });

/** What `bin/core companions` is asked: a wall colour and a deck, and, where there is one, the room and what stays in it. */
const companionsSchema = z.object({
  colour: z.union([ofDeck, colourSchema, labTupleSchema]).optional(),
  id: nameSchema.optional(),
  strength: strengthSchema.optional(),
  ...deckSchema.shape,
  room: roomSchema.optional(),
  place: z.strictObject({ latitude: latitudeSchema, longitude: longitudeSchema }).optional(),
  date: z.iso.date().optional(),
  zone: z.string().max(60).refine(isTimeZone, 'a time zone such as Europe/London').optional(),
  use: z.enum(ROOM_USES).default('all'),
  kind: z.enum(ROOM_KINDS).default('other'),
  position: z.string().max(40).default('wall-2'),
  stays: z
    .array(judgedThingSchema.extend({ school: z.enum(SCHOOLS).default('share') }))
    .max(50)
    .default([]),
});
type Asked = z.infer<typeof companionsSchema>;

/** The wall colour: by its name in the deck, or as it is. */
function wallOf({ colour, id, strength = 100, ...deck }: Asked, samples: readonly Sample[]): Pick<Sample, 'lab'> {
  const named = colour && 'id' in colour ? colour : id && { id, strength };
  if (!named) {
    if (!colour || 'id' in colour) throw new RangeError('a colour, or the id of one of the deck');
    return surfaceOf(Array.isArray(colour) ? { lab: colour } : (colour as z.infer<typeof colourSchema>));
  }
  const at = samples.find((s) => s.id === named.id && s.strength === named.strength);
  const found = at ?? samplesOf({ ...deck, deck: deck.deck.filter((c) => c.id === named.id), strengths: [named.strength] })[0];
  if (!found) throw new RangeError(`the deck has no ${named.id} at ${named.strength} %`);
  return found;
}

/** The room to judge in; null where none is given: then the light is that of the deck. */
function litOf({ room, place, date, zone, use, position }: Asked): LitRoom | null {
  if (!room) return null;
  if (!place || !date || !zone) throw new RangeError('a room needs a place, a date and a zone');
  return {
    day: { room, place, date, zone },
    lookIn: { position, lampsOn: false, scale: 1 },
    usedFor: { use, skies: null },
  };
}

/** `companions`: what goes with a wall colour, by role. */
export function companions(request: Record<string, unknown>) {
  // the colour's own keys may stand beside the others
  const { lab, hex, spectrum, ...rest } = request;
  const bare = Object.entries({ lab, hex, spectrum }).filter(([, v]) => v !== undefined);
  const asked = companionsSchema.parse(bare.length > 0 ? { colour: Object.fromEntries(bare), ...rest } : rest);
  const samples = samplesOf(asked);
  const stays = asked.stays.map((stay, k): JudgedStay => ({
    ...stay,
    id: String(k),
    components: stay.components.map(({ name, share, lab: given }, c) => {
      const surface = surfaceOf({ lab: given });
      return { id: `${k} ${c}`, name, share, lab: surface.lab, spectrum: Array.from(surface.reflectance) };
    }),
  }));
  const wall = wallOf(asked, samples);
  const here = { id: 'here', kind: asked.kind, lit: litOf(asked), stays };
  const found = toTheEnd(
    companionsIn(
      { wall: { id: 'wall', lab: wall.lab, spectrum: null }, maker: null, here, others: [] },
      samples.map((s) => ({ ...s, maker: '' })),
    ),
  );
  if (!found.ok) throw new RangeError(found.reason === 'cannot-be' ? found.says : found.reason);
  return {
    companions: found.companions
      .filter((c) => (ROLES as readonly string[]).includes(c.role))
      .map(({ role, id, strength, lab: at, within, title, why, standing }) => ({
        role,
        id,
        strength,
        lab: [at.l, at.a, at.b],
        lrv: lrvOf(at),
        within,
        title,
        why,
        verdict: standing.verdict,
        reason: standing.reason,
        beside: standing.beside,
      })),
  };
}
