import { VERDICTS, type Verdict } from '../judge/reasons';
import { isLookedAt } from '@/core/record/seen';
import { standingVerdicts } from './standing';
import type { Room } from '@/core/record/room';
import type { VerdictEvent } from '@/core/record/verdict';

/** How many verdicts were seen, and how many of them had been predicted so. */
export type Share = { readonly seen: number; readonly agreed: number };

/** What was computed against what the consultant saw. */
export type HitRate = Share & {
  /** `counts[computed][seen]` */
  readonly counts: Readonly<Record<Verdict, Readonly<Record<Verdict, number>>>>;
  /** Where they differ, oldest first. */
  readonly missed: readonly VerdictEvent[];
  /** Predicted for the colours as in the deck, or before it was kept where: told apart, no hits of the light's model. */
  readonly asInDeck: Share;
};

const ofVerdicts = <T>(make: (verdict: Verdict) => T): Record<Verdict, T> =>
  Object.fromEntries(VERDICTS.map((v) => [v, make(v)])) as Record<Verdict, T>;

const missedOf = (verdicts: readonly VerdictEvent[]) => verdicts.filter((v) => v.verdict !== v.predicted);
const shareOf = (verdicts: readonly VerdictEvent[]): Share => ({
  seen: verdicts.length,
  agreed: verdicts.length - missedOf(verdicts).length,
});

/**
 * How often the verdict computed for the light was the consultant's. Verdicts of the client are taste as well and do not count; nor do
 * those undone, nor those for which only the deck was computed, nor what was judged on the prediction itself.
 */
export function hitRate(rooms: readonly Pick<Room, 'verdicts'>[]): HitRate {
  const own = rooms
    .flatMap((room) => standingVerdicts(room.verdicts))
    .filter((v) => v.person === 'consultant' && v.predicted !== null && isLookedAt(v));
  const seen = own.filter((v) => v.predictedIn === 'light');
  const counts = ofVerdicts((computed) =>
    ofVerdicts((said) => seen.filter((v) => v.predicted === computed && v.verdict === said).length),
  );
  return { ...shareOf(seen), counts, missed: missedOf(seen), asInDeck: shareOf(own.filter((v) => v.predictedIn !== 'light')) };
}

/** 97.5 % point of the standard normal distribution. */
const Z = 1.959964;

/**
 * The 95 % interval of a share, from 0 to 1. Wilson 1927, "Probable inference, the law of succession, and statistical inference"; it stays
 * honest for few and for extreme counts.
 */
export function wilsonInterval(agreed: number, of: number): readonly [low: number, high: number] {
  if (of === 0) return [0, 1];
  const p = agreed / of;
  const centre = (p + (Z * Z) / (2 * of)) / (1 + (Z * Z) / of);
  const half = (Z / (1 + (Z * Z) / of)) * Math.sqrt((p * (1 - p)) / of + (Z * Z) / (4 * of * of));
  return [Math.max(0, centre - half), Math.min(1, centre + half)];
}
