import { z } from 'zod';
import { lrvOf } from '@/core/colour/lab';
import { adviseIn } from '@/core/engine/advised-room';
import { toTheEnd } from '@/core/engine/steps';
import { judgedThingSchema } from '@/core/judge/judge-request';
import { DEFAULT_SCHOOLS, DIM_WHITE_SCHOOLS, FIGHTING_LIGHT_SCHOOLS } from '@/core/judge/light-schools';
import type { Verdict } from '@/core/judge/reasons';
import { SCHOOLS } from '@/core/judge/kinds';
import { byServing } from '@/core/judge/room-advice';
import { aboutRoom, sayAdvice, sayWeakest } from '@/core/judge/say-advice';
import { varied } from '@/core/judge/varied';
import { WISHES } from '@/core/judge/wish';
import { latitudeSchema, longitudeSchema } from '@/core/light/measures';
import { roomSchema } from '@/core/light/room-description';
import { isTimeZone } from '@/core/light/time-zone';
import { ROOM_KINDS, ROOM_USES, skySharesSchema } from '@/core/room/use';
import { deckSchema, samplesOf, surfaceOf } from './deck-samples';

/** What `bin/core shortlist` is asked: a room and what stays in it, and a deck. */
const shortlistSchema = z.object({
  room: roomSchema,
  place: z.strictObject({ latitude: latitudeSchema, longitude: longitudeSchema }),
  date: z.iso.date(),
  zone: z.string().max(60).refine(isTimeZone, 'a time zone such as Europe/London'),
  stays: z.array(judgedThingSchema.extend({ school: z.enum(SCHOOLS).default('share') })).max(50),
  wish: z.enum(WISHES).nullable().default(null),
  moreWishes: z.array(z.enum(WISHES)).max(4).default([]),
  schools: z
    .object({
      dimWhite: z.enum(DIM_WHITE_SCHOOLS).default(DEFAULT_SCHOOLS.dimWhite),
      fightingLight: z.enum(FIGHTING_LIGHT_SCHOOLS).default(DEFAULT_SCHOOLS.fightingLight),
    })
    .default(DEFAULT_SCHOOLS),
  use: z.enum(ROOM_USES).default('all'),
  kind: z.enum(ROOM_KINDS).default('other'),
  /** How often each sky is met; usual shares where it is left out. */
  climate: skySharesSchema.nullable().default(null),
  position: z.string().max(40).default('wall-2'),
  ...deckSchema.shape,
  top: z.int().min(1).max(1000).default(40),
});
/** `shortlist`: which colours of a deck serve as the walls of a room, best first. */
export function shortlist(request: Record<string, unknown>) {
  const asked = shortlistSchema.parse(request);
  const samples = samplesOf(asked);
  const things = asked.stays;
  const stays = things.map((stay) => ({
    ...stay,
    components: stay.components.map(({ name, share, lab }) => ({ name, share, ...surfaceOf({ lab }) })),
  }));
  const { room, place, date, zone, schools, wish, moreWishes, use, kind, position, climate } = asked;
  const lit = {
    day: { room, place, date, zone },
    lookIn: { position, lampsOn: false, scale: 1 },
    usedFor: { use, skies: climate },
  };
  const found = toTheEnd(adviseIn({ ...lit, kind, schools, wish, moreWishes }, stays));
  if (!found.ok) throw new RangeError(found.reason === 'cannot-be' ? found.says : found.reason);
  if (found.inDeck) throw new RangeError('The room has neither a window nor a lamp.');
  const rows = samples.map((sample) => ({ sample, advice: found.adviceOn(sample) }));
  // equals stand by their names, so that the order of the deck does not matter
  const sorted = [...rows].sort(
    (p, q) => byServing(p.advice, q.advice) || q.sample.strength - p.sample.strength || (p.sample.id < q.sample.id ? -1 : 1),
  );
  const ranked = varied(sorted, ({ sample: { lab }, advice: { verdict, behind, walls } }) => ({
    lab,
    verdict,
    behind,
    flat: walls.flat,
  }));
  const named = (verdict: Verdict) =>
    rows.filter((r) => r.sample.strength === 100 && r.advice.verdict === verdict).map((r) => r.sample.id);
  return {
    ranked: ranked.slice(0, asked.top).map(({ sample: { id, strength, lab }, advice }) => ({
      id,
      strength,
      lab: [lab.l, lab.a, lab.b],
      lrv: lrvOf(lab),
      verdict: advice.verdict,
      chance: advice.chance,
      why: sayAdvice(lab, advice, { wish, moreWishes, things }),
      weakest: sayWeakest(advice, things) ?? null,
    })),
    works: named('works'),
    nearly: named('nearly'),
    no: named('no'),
    about: aboutRoom(found),
  };
}
