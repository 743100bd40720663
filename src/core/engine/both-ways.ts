import { flagsOf, readingsOf, type Flag } from '../appearance/readings';
import { readIn, seenIn } from '../appearance/scene';
import type { Lab } from '../colour/types';
import type { BothWays, Found } from './judgement-protocol';
import type { UsedLight } from './used-lights';

/** A row of a list, with the surface it is. */
export type FoundSurface = { readonly found: Found; readonly reflectance: ArrayLike<number> };

/** Rows that are looked at, and how far apart in L* two of like depth may lie. */
const WAYS = { most: 120, likeDepth: 6 } as const;

const TURNS: ReadonlySet<Flag> = new Set(['turned-blue', 'turned-warm', 'turned-green', 'turned-pink', 'washed-out']);

type Turned = { readonly row: FoundSurface; readonly rank: number; readonly light: UsedLight; readonly flag: Flag };

/** Where a row is turned first among the lights; undefined where none turns it. */
function turnOf(
  lab: Lab,
  reflectance: ArrayLike<number>,
  reads: readonly { light: UsedLight; read: ReturnType<typeof readIn> }[],
) {
  for (const { light, read } of reads) {
    const flag = flagsOf(readingsOf(lab, read(reflectance))).find((f) => TURNS.has(f));
    if (flag) return { light, flag };
  }
  return undefined;
}

/**
 * Where the schools part: the best row that no light of the room turns beside the best that one does, of like depth, both as they look in
 * that light. Null when there is no such pair. Common practice: both are laid side by side as they would look.
 *
 * @param rows best first; what does not work is left out
 */
export function bothWaysOf(rows: readonly FoundSurface[], lights: readonly UsedLight[]): BothWays | null {
  const reads = lights.map((light) => ({ light, read: readIn(light.scene) }));
  const steady: { row: FoundSurface; rank: number }[] = [];
  const turned: Turned[] = [];
  rows
    .filter(({ found }) => found.verdict !== 'no')
    .slice(0, WAYS.most)
    .forEach((row, rank) => {
      const turn = turnOf(row.found.lab, row.reflectance, reads);
      if (turn) turned.push({ row, rank, ...turn });
      else steady.push({ row, rank });
    });
  let best: { corrected: FoundSurface; embraced: Turned; ranks: number } | undefined;
  for (const s of steady) {
    for (const t of turned) {
      const ranks = s.rank + t.rank;
      const alike = Math.abs(s.row.found.lab.l - t.row.found.lab.l) <= WAYS.likeDepth;
      if (alike && (!best || ranks < best.ranks)) best = { corrected: s.row, embraced: t, ranks };
    }
  }
  if (!best) return null;
  const { light, flag, row } = best.embraced;
  const see = seenIn(light.scene);
  const look = ({ found, reflectance }: FoundSurface) => ({ found, hex: see(Float64Array.from(reflectance)).hex });
  return { light: light.kind, flag, corrected: look(best.corrected), embraced: look(row) };
}
