import { ok, type Ok, type Refused } from '../base/result';
import { deltaE00 } from './ciede2000';
import type { Lab } from './types';

/** Readings of one surface that make one colour, and how far one may lie from the others. Common practice, no source. */
export const INSTRUMENT_READINGS = { needed: 3, farthest: 1.5 } as const;

export type Averaged = { readonly lab: Lab; readonly spread: number; readonly readings: readonly Lab[] };

const mean = (labs: readonly Lab[]): Lab => {
  const sum = (pick: (lab: Lab) => number) => labs.reduce((s, lab) => s + pick(lab), 0) / labs.length;
  return { l: sum((c) => c.l), a: sum((c) => c.a), b: sum((c) => c.b) };
};

/**
 * One colour from repeated readings (Lab, D65, 10°): their mean and its spread, the largest ΔE00 of a reading from the mean.
 * The reading farthest from the mean of the others is refused when it lies more than 1.5 ΔE00 off.
 */
export function averageReadings(
  readings: readonly Lab[],
):
  | Ok<Averaged>
  | Refused<'too-few-readings', { needed: number; got: number }>
  | Refused<'reading-off', { index: number; deltaE00: number }> {
  if (readings.length < INSTRUMENT_READINGS.needed)
    return { ok: false, reason: 'too-few-readings', needed: INSTRUMENT_READINGS.needed, got: readings.length };
  const fromOthers = readings.map((reading, i) => deltaE00(mean(readings.filter((_, j) => j !== i)), reading));
  const farthest = Math.max(...fromOthers);
  if (farthest > INSTRUMENT_READINGS.farthest)
    return { ok: false, reason: 'reading-off', index: fromOthers.indexOf(farthest), deltaE00: farthest };
  const lab = mean(readings);
  return ok({ lab, readings, spread: Math.max(...readings.map((reading) => deltaE00(lab, reading))) });
}
