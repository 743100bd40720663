import { z } from 'zod';
import { nameSchema } from '@/core/base/fields';
import { labTupleSchema } from '@/core/colour/colour-schema';
import { lrvOf } from '@/core/colour/lab';
import type { Lab } from '@/core/colour/types';
import { adviseIn } from '@/core/engine/advised-room';
import type { SchemeStay } from '@/core/engine/scheme-walls';
import { schemes } from '@/core/engine/schemes';
import { toTheEnd } from '@/core/engine/steps';
import { surfaceStay } from '@/core/engine/surface-stay';
import type { StayKind } from '@/core/judge/kinds';
import { strengthSchema } from '@/core/record/candidate';
import { thingOf } from '@/core/record/thing';
import { areasOfBox } from '@/core/scheme/areas';
import { OF_A_PIECE, SCHEME_KINDS, type Proposal, type ProposedLink } from '@/core/scheme/parts';
import type { PieceColour } from '@/core/scheme/piece';
import { samplesOf, surfaceOf, type Sample } from './deck-samples';
import { litOf, roomAskedSchema } from './room-asked';

const pieceSchema = z.object({
  name: nameSchema.default('the piece'),
  colours: z
    .array(z.object({ lab: labTupleSchema, share: z.number().gt(0).max(1) }))
    .min(1)
    .max(24),
});

/** What `bin/core scheme` is asked: as `shortlist`, with the kinds of scheme that are wanted. */
const schemeSchema = z.object({
  ...roomAskedSchema.shape,
  kinds: z
    .array(z.enum(SCHEME_KINDS))
    .min(1)
    .max(5)
    .default([...SCHEME_KINDS]),
  wall: z.object({ id: nameSchema, strength: strengthSchema.default(100) }).optional(),
  piece: pieceSchema.optional(),
});
type Asked = z.infer<typeof schemeSchema>;

const labOf = ([l, a, b]: readonly [number, number, number]): Lab => ({ l, a, b });

/** Colours of the piece that a scheme begins from: the one that is given, else the picture or the rug that stays. */
function pieceOf({ piece, stays }: Asked): { readonly name: string; readonly colours: readonly PieceColour[] } {
  const things = stays.map((s) => ({ ...s, thing: thingOf({ name: s.name, kind: s.kind as StayKind, thing: null }) }));
  const own = things.find((t) => t.thing === 'art') ?? things.find((t) => t.thing === 'rug');
  const given = piece ?? (own && { name: own.name, colours: own.components.map(({ lab, share }) => ({ lab, share })) });
  if (!given) return { name: '', colours: [] };
  const sum = given.colours.reduce((s, c) => s + c.share, 0);
  const colours = given.colours.map((c) => ({ lab: labOf(c.lab), share: c.share / sum }));
  return { name: given.name, colours: colours.sort((p, q) => q.share - p.share) };
}

/** What stays, as a scheme is made around it. */
function staysOf({ stays }: Asked): SchemeStay[] {
  const components = (of: Asked['stays'][number], id: string) =>
    of.components.map(({ name, share, lab }, c) => {
      const surface = surfaceOf({ lab });
      return { id: `${id} ${c}`, name, share, lab: surface.lab, spectrum: Array.from(surface.reflectance) };
    });
  return stays.map((stay, k) => ({
    ...stay,
    id: String(k),
    thing: thingOf({ name: stay.name, kind: stay.kind as StayKind, thing: null }),
    cover: null,
    components: components(stay, String(k)),
  }));
}

/** The wall that was given, out of the deck at its strength. */
function wallOf(asked: Asked, samples: readonly Sample[]): Sample | undefined {
  const { wall } = asked;
  if (!wall) return undefined;
  const at = samples.find((s) => s.id === wall.id && s.strength === wall.strength);
  const found = at ?? samplesOf({ ...asked, deck: asked.deck.filter((c) => c.id === wall.id), strengths: [wall.strength] })[0];
  if (!found) throw new RangeError(`the deck has no ${wall.id} at ${wall.strength} %`);
  return found;
}

const tuple = (lab: Lab) => [lab.l, lab.a, lab.b];
const linkOf = ({ between, verdict, reason, light }: ProposedLink) => ({ between, verdict, reason, light });

/** A proposal as it is answered. */
const told = ({ kind, parts, stays: shares, links, weakest, says, caution }: Proposal, { stays }: Asked) => ({
  kind,
  parts: parts.map(({ part, id, strength, lab, share, why }) => ({
    part,
    id,
    strength,
    lab: tuple(lab),
    lrv: lrvOf(lab),
    share,
    why,
  })),
  stays: stays.map((stay, k) => ({ name: stay.name, share: shares[k] })),
  links: links.map(linkOf),
  weakest: weakest && linkOf(weakest),
  says,
  caution,
});

/** `scheme`: whole schemes for a room, by kind. */
export function scheme(request: Record<string, unknown>) {
  const asked = schemeSchema.parse(request);
  const samples = samplesOf(asked);
  const { name: pieceName, colours: piece } = pieceOf(asked);
  if (piece.length === 0 && asked.kinds.every((kind) => OF_A_PIECE.includes(kind)))
    throw new RangeError('a scheme that begins from a piece needs the colours of one');
  const stays = staysOf(asked);
  const given = wallOf(asked, samples);
  const { wish, moreWishes, schools, kind, kinds } = asked;
  const found = toTheEnd(adviseIn({ ...litOf(asked), kind, schools, wish, moreWishes }, stays.map(surfaceStay)));
  if (!found.ok) throw new RangeError(found.reason === 'cannot-be' ? found.says : found.reason);
  const palette = given && !samples.includes(given) ? [...samples, given] : samples;
  const kept = given ? [{ part: 'walls', id: given.id, strength: given.strength, lab: given.lab } as const] : [];
  const proposals = toTheEnd(
    schemes(
      { kinds, stays, areas: areasOfBox(asked.room), wish, kept, piece, pieceName },
      { lights: found.lights, palette, adviceOn: (place) => found.adviceOn(palette[place]!) },
    ),
  );
  return { schemes: proposals.map((p) => told(p, asked)) };
}
