import type { Candidate } from '@/core/record/candidate';
import type { Choice } from '@/core/record/decision';
import type { DecidedRoom, DecidedSurface } from '@/core/derived/decided';
import type { PaintSurface } from '@/core/derived/paint-surfaces';
import { listed } from '../base/words';

/** Surfaces of a room that are decided in the same way, or open together: one row of a table, one letter on the unfolded room. */
export type SurfaceRow = {
  readonly key: string;
  readonly letter: string;
  readonly surfaces: readonly PaintSurface[];
  /** "west, east and south wall". */
  readonly name: string;
  readonly choice: Choice | undefined;
  readonly candidate: Candidate | undefined;
  readonly areaM2: number;
  /** Metres of trim; null of what is no trim. */
  readonly runM: number | null;
  readonly signed: DecidedSurface['signed'];
};

const WALL = /^(.*) wall$/;

/** Names of surfaces in one: walls share their last word. */
export function sayNames(surfaces: readonly PaintSurface[]): string {
  const whole = surfaces.filter((s) => s.kind === 'wall' && WALL.test(s.name));
  const others = surfaces.filter((s) => !whole.includes(s)).map((s) => s.name);
  if (whole.length === 0) return listed(others);
  if (whole.length === (whole[0]!.ofWalls ?? 4))
    return listed([`all ${whole.length === 4 ? 'four' : whole.length} walls`, ...others]);
  const walls = `${listed(whole.map((s) => WALL.exec(s.name)![1]!))} wall`;
  return listed([walls, ...others]);
}

/** Walls one after another, each once: those that share their last word say it once. */
export function sayEach(walls: readonly PaintSurface[]): string {
  const named = walls.map((s) => WALL.exec(s.name)?.[1]);
  return named.every((n) => n !== undefined) ? `${listed(named)} wall` : listed(walls.map((s) => s.name));
}

/** "A", … "Z", "AA", …: the letter of the n-th row, from 0. */
export const letterOf = (n: number): string =>
  (n < 26 ? '' : letterOf(Math.floor(n / 26) - 1)) + String.fromCharCode(65 + (n % 26));

const keyOf = ({ surface, choice }: DecidedSurface): string => {
  if (!choice) return `open ${surface.kind}`;
  const { what, candidateId, sheen, finish, coats, primer, undercoat } = choice;
  // what stays as it is has no paint to share
  return [
    what,
    surface.kind === 'outside' || what === 'leave' ? surface.kind : '',
    candidateId,
    sheen,
    finish,
    coats,
    primer,
    undercoat,
  ].join(' ');
};

/** The surfaces of a room as rows: what is painted in one way stands in one row; numbered in letters in the order of the room. */
export function surfaceRows({ surfaces }: Pick<DecidedRoom, 'surfaces'>): SurfaceRow[] {
  const groups = new Map<string, DecidedSurface[]>();
  for (const one of surfaces) groups.set(keyOf(one), [...(groups.get(keyOf(one)) ?? []), one]);
  return [...groups].map(([key, group], n): SurfaceRow => {
    const { choice, candidate } = group[0]!;
    const runs = group.flatMap((g) => g.surface.runM ?? []);
    return {
      key,
      letter: letterOf(n),
      surfaces: group.map((g) => g.surface),
      name: sayNames(group.map((g) => g.surface)),
      choice,
      candidate,
      areaM2: group.reduce((sum, g) => sum + g.surface.areaM2, 0),
      runM: runs.length === group.length ? runs.reduce((sum, r) => sum + r, 0) : null,
      signed: group.every((g) => g.signed === 'as-signed')
        ? 'as-signed'
        : group.some((g) => g.signed === 'changed')
          ? 'changed'
          : 'never',
    };
  });
}
