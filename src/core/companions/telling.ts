import { directions, type Directions } from '../colour/directions';
import type { Lab } from '../colour/types';

/** What a neighbour can show of a colour: what there is of each direction in it, and how much colour it has, or how little. */
export const SHOWS = ['pink', 'green', 'yellow', 'blue', 'colour', 'grey'] as const;
export type Shows = (typeof SHOWS)[number];

/** What one sees of a colour beside a neighbour. */
export const SHOWS_WORDS: Readonly<Record<Shows, string>> = {
  pink: 'beside this you see the pink in it',
  green: 'beside this you see the green in it',
  yellow: 'beside this you see the yellow in it',
  blue: 'beside this you see the blue in it',
  colour: 'beside this you see that it is a colour',
  grey: 'beside this you see how grey it is',
};

export const TELLING = {
  /** Neighbours lie so near in depth, L*: a step of depth hides the hue. Own choice. */
  depth: 10,
  /** Steps that are surely seen, from which more says no more, and from which it is another colour rather than a neighbour. */
  seen: 1.5,
  enough: 5,
  another: 8,
  /** What counts against a neighbour: a step in another direction, a step of depth, and a step too many. */
  aside: 0.6,
  deeper: 0.4,
  tooMuch: 0.5,
  /** So many of the best for each direction are tried together: as many as there are directions, so that none is missed. */
  tried: 5,
} as const;

/** How well a neighbour shows one thing of a colour, in steps; −Infinity where it does not, or is no neighbour. */
export function tells(colour: Lab, neighbour: Lab, shows: Shows): number {
  if (Math.abs(colour.l - neighbour.l) > TELLING.depth) return -Infinity;
  const d = directions(neighbour, colour);
  const [along, aside] = partsOf(d, shows);
  if (along < TELLING.seen) return -Infinity;
  const much = Math.min(along, TELLING.enough) - TELLING.tooMuch * Math.max(0, along - TELLING.another);
  return much - TELLING.aside * aside - TELLING.deeper * Math.abs(d.lightDark);
}

/** Steps along what is shown, and aside from it. */
function partsOf(
  { pinkGreen, yellowBlue, strongWeak, lightDark, deltaE00 }: Directions,
  shows: Shows,
): readonly [number, number] {
  switch (shows) {
    case 'pink':
      return [pinkGreen, Math.abs(yellowBlue)];
    case 'green':
      return [-pinkGreen, Math.abs(yellowBlue)];
    case 'yellow':
      return [yellowBlue, Math.abs(pinkGreen)];
    case 'blue':
      return [-yellowBlue, Math.abs(pinkGreen)];
    default: {
      const hue = Math.sqrt(Math.max(0, deltaE00 ** 2 - lightDark ** 2 - strongWeak ** 2));
      return [shows === 'colour' ? strongWeak : -strongWeak, hue];
    }
  }
}

export type Telling<T> = { readonly neighbour: T; readonly shows: Shows; readonly tells: number };

type Row<T> = readonly Telling<T>[];

/** The best neighbours for one thing, best first; equals in the order they came. */
const rowOf = <T>(colour: Lab, neighbours: readonly T[], labOf: (one: T) => Lab, shows: Shows): Row<T> =>
  neighbours
    .map((neighbour) => ({ neighbour, shows, tells: tells(colour, labOf(neighbour), shows) }))
    .filter((t) => t.tells > -Infinity)
    .sort((p, q) => q.tells - p.tells)
    .slice(0, TELLING.tried);

const sum = <T>(row: Row<T>): number => row.reduce((s, t) => s + t.tells, 0);

/** The best choice of one from each row, no neighbour twice; a row may be left out where it only repeats. */
function bestOf<T>(rows: readonly Row<T>[], taken: Row<T> = []): Row<T> {
  const [row, ...rest] = rows;
  if (!row) return taken;
  const without = bestOf(rest, taken);
  return row.reduce((best, one) => {
    if (taken.some((t) => t.neighbour === one.neighbour)) return best;
    const found = bestOf(rest, [...taken, one]);
    return found.length > best.length || (found.length === best.length && sum(found) > sum(best)) ? found : best;
  }, without);
}

/**
 * The neighbours of a deck that best expose the undertone of a colour, at most five: near in depth, each turning it another way, together
 * the best there are. Fewer where the deck has no neighbour for a direction.
 *
 * @param labOf D65, 10°, or as all look in one light
 */
export function tellingNeighbours<T>(colour: Lab, neighbours: readonly T[], labOf: (one: T) => Lab): readonly Telling<T>[] {
  const row = (shows: Shows) => rowOf(colour, neighbours, labOf, shows);
  const [strong, grey] = [row('colour'), row('grey')];
  // one of the two says how much colour there is: the one that says it better
  const much = (grey[0]?.tells ?? -Infinity) > (strong[0]?.tells ?? -Infinity) ? grey : strong;
  const rows = [row('pink'), row('green'), row('yellow'), row('blue'), much].filter((r) => r.length > 0);
  return [...bestOf(rows)].sort((p, q) => q.tells - p.tells);
}
