import { VERDICTS, type Verdict } from '../judge/reasons';
import { standingVerdicts } from './room-record';
import type { Room, VerdictEvent } from './types';

/** What was computed against what the consultant saw. */
export type HitRate = {
  readonly seen: number;
  readonly agreed: number;
  /** `counts[computed][seen]` */
  readonly counts: Readonly<Record<Verdict, Readonly<Record<Verdict, number>>>>;
  /** Where they differ, oldest first. */
  readonly missed: readonly VerdictEvent[];
};

const ofVerdicts = <T>(make: (verdict: Verdict) => T): Record<Verdict, T> =>
  Object.fromEntries(VERDICTS.map((v) => [v, make(v)])) as Record<Verdict, T>;

/** How often the computed verdict was the consultant's. Verdicts of the client are taste as well and do not count; nor do those undone. */
export function hitRate(rooms: readonly Room[]): HitRate {
  const seen = rooms.flatMap((room) => standingVerdicts(room.verdicts)).filter((v) => v.person === 'consultant');
  const missed = seen.filter((v) => v.verdict !== v.predicted);
  const counts = ofVerdicts((computed) =>
    ofVerdicts((said) => seen.filter((v) => v.predicted === computed && v.verdict === said).length),
  );
  return { seen: seen.length, agreed: seen.length - missed.length, counts, missed };
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
