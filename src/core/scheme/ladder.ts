import { deltaE00 } from '../colour/ciede2000';
import type { Lab } from '../colour/types';

export const LADDER = {
  /** Nearer than this nobody sees that there are two; farther than this it jumps. ΔE00; own choices, on common practice. */
  closeUnder: 3,
  jumpFrom: 18,
} as const;

export const RUNGS = ['too-close', 'slight', 'jump'] as const;
/** How two neighbours stand in a tonal scheme. */
export type Rung = (typeof RUNGS)[number];
export const RUNG_WORDS: Readonly<Record<Rung, string>> = {
  'too-close': 'too close: nobody sees it',
  slight: 'a slight step',
  jump: 'a jump',
};

/** How two neighbours stand, by how far apart they look. ΔE00 */
export function rungOf(apart: number): Rung {
  if (apart < LADDER.closeUnder) return 'too-close';
  return apart < LADDER.jumpFrom ? 'slight' : 'jump';
}

/** How far a step is from being slight, ΔE00; 0 where it is. */
export const missesSlight = (apart: number): number =>
  Math.max(0, LADDER.closeUnder - apart) * 2 + Math.max(0, apart - LADDER.jumpFrom);

/** What a wall's steps to its neighbours miss, the worst of them; 0 where every one is slight. */
export const missesLadder = (wall: Lab, neighbours: readonly Lab[]): number =>
  neighbours.reduce((worst, n) => Math.max(worst, missesSlight(deltaE00(wall, n))), 0);

export type LadderStep = { readonly from: string; readonly to: string; readonly apart: number; readonly rung: Rung };
type Named = { readonly name: string; readonly lab: Lab };

/** Colours of a room as a ladder from the deepest to the lightest, step by step. */
export function ladderOf(colours: readonly Named[]): LadderStep[] {
  const sorted = [...colours].sort((p, q) => p.lab.l - q.lab.l);
  return sorted.slice(1).map((to, k) => {
    const from = sorted[k]!;
    const apart = deltaE00(from.lab, to.lab);
    return { from: from.name, to: to.name, apart, rung: rungOf(apart) };
  });
}

/**
 * The wall that makes every neighbour a slight step: of those that come nearest to it the first, so that a palette in the order in which it
 * serves gives the one that serves best. Index; −1 of none.
 */
export function wallOfLadder(palette: readonly Lab[], neighbours: readonly Lab[]): number {
  let best = -1;
  let least = Infinity;
  for (const [k, lab] of palette.entries()) {
    const misses = missesLadder(lab, neighbours);
    if (misses < least - 1e-9) [best, least] = [k, misses];
  }
  return best;
}
