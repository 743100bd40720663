import { z } from 'zod';
import { lrvOf } from '@/core/colour/lab';
import { adviseIn } from '@/core/engine/advised-room';
import { toTheEnd } from '@/core/engine/steps';
import type { Verdict } from '@/core/judge/reasons';
import { byServing } from '@/core/judge/room-advice';
import { aboutRoom, sayAdvice, sayWeakest } from '@/core/judge/say-advice';
import { varied } from '@/core/judge/varied';
import { samplesOf, surfaceOf } from './deck-samples';
import { litOf, roomAskedSchema } from './room-asked';

/** What `bin/core shortlist` is asked: a room and what stays in it, and a deck. */
const shortlistSchema = roomAskedSchema.extend({ top: z.int().min(1).max(1000).default(40) });
/** `shortlist`: which colours of a deck serve as the walls of a room, best first. */
export function shortlist(request: Record<string, unknown>) {
  const asked = shortlistSchema.parse(request);
  const samples = samplesOf(asked);
  const things = asked.stays;
  const stays = things.map((stay) => ({
    ...stay,
    components: stay.components.map(({ name, share, lab }) => ({ name, share, ...surfaceOf({ lab }) })),
  }));
  const { schools, wish, moreWishes, kind } = asked;
  const found = toTheEnd(adviseIn({ ...litOf(asked), kind, schools, wish, moreWishes }, stays));
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
