import { deltaE00 } from '../colour/ciede2000';
import { lookDifference, lookerIn, type JudgedLight } from '../colour/look';
import type { Reflectance } from '../colour/grid';
import type { Lab } from '../colour/types';
import { paintAtStrength, type Paint, type PaintAtStrength } from './paint';
import { STRENGTH_RANGE } from './strength';

/** Strengths tried, in percent: what a counter will mix. */
export const SOLVE = { least: 100 * STRENGTH_RANGE.min, most: 100 * STRENGTH_RANGE.max, tolerance: 0.05, scan: 29 } as const;

export type Solved = {
  /** The strength in percent that reaches the aim, or comes nearest to it. */
  readonly percent: number;
  readonly reached: boolean;
  /** What is left at that strength, in the aim's own unit (LRV points, ΔE00, or CAM16-UCS units). */
  readonly missing: number;
  readonly paint: PaintAtStrength;
};

/** A paint cannot always be mixed stronger than its formula: such strengths are no choice. */
function possible(paint: Paint, percent: number): PaintAtStrength | undefined {
  try {
    return paintAtStrength(paint, percent);
  } catch (error) {
    if (error instanceof RangeError) return undefined;
    throw error;
  }
}

/**
 * The strength at which `miss` (≥ 0, continuous in strength) is least: a scan over the counter's range, then golden section around the
 * best. It counts as reached below `enough`.
 */
function least(paint: Paint, miss: (at: PaintAtStrength) => number, enough: number): Solved {
  const cost = (percent: number) => {
    const at = possible(paint, percent);
    return at ? miss(at) : Infinity;
  };
  const step = (SOLVE.most - SOLVE.least) / (SOLVE.scan - 1);
  const scanned = Array.from({ length: SOLVE.scan }, (_, i) => SOLVE.least + i * step);
  const costs = scanned.map(cost);
  const best = costs.indexOf(Math.min(...costs));
  let [low, high] = [scanned[Math.max(0, best - 1)]!, scanned[Math.min(SOLVE.scan - 1, best + 1)]!];
  const phi = (Math.sqrt(5) - 1) / 2;
  while (high - low > SOLVE.tolerance / 2) {
    const [p, q] = [high - phi * (high - low), low + phi * (high - low)];
    if (cost(p) <= cost(q)) high = q;
    else low = p;
  }
  const middle = (low + high) / 2;
  // an aim beyond the range is nearest at its very end
  const percent = [scanned[best]!, middle].reduce((a, b) => (cost(b) < cost(a) ? b : a));
  const at = paintAtStrength(paint, percent);
  const missing = miss(at);
  return { percent, reached: missing <= enough, missing, paint: at };
}

/** The strength that gives an LRV (0–100); reached within half a point. */
export const strengthForLrv = (paint: Paint, lrv: number): Solved => least(paint, (at) => Math.abs(at.lrv - lrv), 0.5);

/** The strength at which the colour lies `contrast` ΔE00 from a finish; reached within a quarter. Lab is D65, 10°. */
export const strengthForContrast = (paint: Paint, finish: Lab, contrast: number): Solved =>
  least(paint, (at) => Math.abs(deltaE00(finish, at.lab) - contrast), 0.25);

/** The strength at which the paint in `here` looks as another surface does in `there`; reached under one CAM16-UCS unit. */
export function strengthForLook(
  paint: Paint,
  here: JudgedLight,
  other: { readonly reflectance: Reflectance; readonly light: JudgedLight },
): Solved {
  const aim = lookerIn(other.light)(other.reflectance);
  const look = lookerIn(here);
  return least(paint, (at) => lookDifference(look(at.reflectance), aim), 1);
}
