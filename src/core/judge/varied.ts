import { chroma, hueDeg } from '../colour/lab';
import { strengthSteps } from '../colour/nuance';
import type { Lab } from '../colour/types';
import type { Verdict } from './reasons';

const { cos, exp, min, sin, PI } = Math;

/** How the head of a list is made of several choices. Own choice. */
export const VARIED = {
  /** Rows at the head that are chosen so. */
  head: 36,
  /** What a row costs by each choice before it that is just like it, in "nearlies". */
  perLike: 0.07,
  /** Steps of Munsell chroma, and of L*, at which two are alike by 1/e. */
  steps: 1.3,
  lightness: 22,
  /** Rows farther behind the best than this stand where they did. */
  within: 0.4,
} as const;

/** A colour as a place in which alike ones lie together: its hue as strong as it is, and its depth. */
type Place = readonly [x: number, y: number, l: number];
function placeOf(lab: Lab): Place {
  const hue = hueDeg(lab);
  const steps = strengthSteps(chroma(lab), hue);
  return [steps * cos((hue * PI) / 180), steps * sin((hue * PI) / 180), lab.l];
}
function alike(p: Place, q: Place): number {
  const [x, y, l] = [(p[0] - q[0]) / VARIED.steps, (p[1] - q[1]) / VARIED.steps, (p[2] - q[2]) / VARIED.lightness];
  return exp(-(x * x + y * y + l * l));
}

export type ToVary = { readonly lab: Lab; readonly verdict: Verdict; readonly behind: number; readonly flat: number };

/**
 * A list whose head shows several ways rather than one colour many times: each next row is the least behind when every like one that stands
 * before it counts against it. What works stays above what nearly does, the best row stays first unless it is a flat grey, and rows from
 * {@link VARIED.head} on stand in their order.
 *
 * @param rows best first
 */
export function varied<T>(rows: readonly T[], of: (row: T) => ToVary): T[] {
  const first = rows[0];
  if (!first) return [];
  const { verdict, behind } = of(first);
  const last = rows.findIndex((r) => of(r).verdict !== verdict || of(r).behind > behind + VARIED.within);
  const pool = rows
    .slice(0, last < 0 ? rows.length : last)
    .map((row) => ({ row, as: of(row), place: placeOf(of(row).lab), crowd: 0 }));
  const head: T[] = [];
  while (pool.length > 0 && head.length < min(VARIED.head, rows.length)) {
    const lively = head.length === 0 ? pool.findIndex((p) => p.as.flat < 0.5) : -1;
    let best = lively < 0 ? 0 : lively;
    for (let k = 0; k < pool.length && head.length > 0; k++) {
      if (pool[k]!.as.behind + pool[k]!.crowd < pool[best]!.as.behind + pool[best]!.crowd) best = k;
    }
    const [taken] = pool.splice(best, 1);
    head.push(taken!.row);
    for (const p of pool) p.crowd += VARIED.perLike * alike(p.place, taken!.place);
  }
  const chosen = new Set(head);
  return [...head, ...rows.filter((r) => !chosen.has(r))];
}
