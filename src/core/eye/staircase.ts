import type { Trial } from './threshold';

/**
 * An adaptive staircase for what has more than two answers: two right in a row make it harder, one wrong easier (Levitt 1971: it settles
 * where 71 % are right). Steps and borders are own choices.
 */
export const STAIRCASE = { harder: 0.8, easier: 1 / 0.8 } as const;

/** How far apart things are at first, at the easiest, and at the finest; in the measure of the exercise. */
export type Range = { readonly start: number; readonly most: number; readonly least: number };

/** How hard the next is to be after some answers. */
export function nextLevel(trials: readonly Trial[], { start, most, least }: Range): number {
  let level = start;
  let inARow = 0;
  for (const { right } of trials) {
    inARow = right ? inARow + 1 : 0;
    if (!right) level *= STAIRCASE.easier;
    else if (inARow === 2) {
      level *= STAIRCASE.harder;
      inARow = 0;
    }
    level = Math.min(most, Math.max(least, level));
  }
  return level;
}

/** Where a staircase stands: the middle of its last turns, from one going up to one going down; undefined before it turned twice. */
export function settledAt(trials: readonly Trial[], range: Range): number | undefined {
  const levels = trials.map((_, k) => nextLevel(trials.slice(0, k + 1), range));
  const steps = levels.flatMap((l, k) => (k > 0 && l !== levels[k - 1] ? [{ up: l > levels[k - 1]!, at: levels[k - 1]! }] : []));
  const turns = steps.flatMap((s, k) => (k > 0 && s.up !== steps[k - 1]!.up ? [s.at] : []));
  if (turns.length < 2) return undefined;
  const last = turns.slice(-6).sort((p, q) => p - q);
  return (last[(last.length - 1) >> 1]! + last[last.length >> 1]!) / 2;
}
