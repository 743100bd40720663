import { smallestCover } from '../plan/cover';

/** A room, and what works on its walls, by any names; the best first where that is known. */
export type RoomOfHouse = { readonly works: readonly string[] };

export type Fewest = {
  /** So few serve every room that can be served; each with the rooms it works in, by their index. */
  readonly chosen: readonly { readonly colour: string; readonly rooms: readonly number[] }[];
  /** Whether no fewer could; proved, not believed. */
  readonly exact: boolean;
  /** Rooms in which nothing works. */
  readonly without: readonly number[];
};

type Option = { readonly colour: string; readonly rooms: readonly number[]; readonly rank: number };

/** Every colour with the rooms it works in, and how well it serves there on the whole: the sum of its places in their lists. */
function optionsOf(rooms: readonly RoomOfHouse[]): Option[] {
  const found = new Map<string, { rooms: number[]; rank: number }>();
  for (const [room, { works }] of rooms.entries())
    for (const [place, colour] of works.entries()) {
      const of = found.get(colour) ?? { rooms: [], rank: 0 };
      if (of.rooms.at(-1) === room) continue;
      of.rooms.push(room);
      of.rank += place / works.length;
      found.set(colour, of);
    }
  return [...found].map(([colour, of]) => ({ colour, rooms: of.rooms, rank: of.rank / of.rooms.length }));
}

/** Of colours that work in the same rooms the one that serves best. */
function bestOfSets(options: readonly Option[]): Option[] {
  const bySet = new Map<string, Option>();
  for (const option of options) {
    const key = option.rooms.join();
    const before = bySet.get(key);
    const better = !before || option.rank < before.rank || (option.rank === before.rank && option.colour < before.colour);
    if (better) bySet.set(key, option);
  }
  return [...bySet.values()].sort((p, q) => q.rooms.length - p.rooms.length || p.rank - q.rank);
}

/** Without those that another outdoes: it works wherever they do, and, where that counts, serves as well. */
function notOutdone(sorted: readonly Option[], counts: 'rooms' | 'rooms and rank'): Option[] {
  const kept: Option[] = [];
  for (const option of sorted) {
    const outdoes = (k: Option) =>
      (counts === 'rooms' || k.rank <= option.rank) && option.rooms.every((room) => k.rooms.includes(room));
    if (!kept.some(outdoes)) kept.push(option);
  }
  return kept;
}

/**
 * The fewest colours with which every room has one that works: set cover, exact where it says so (Karp 1972 names the problem; branch and
 * bound in `plan/cover`). Of as few the ones that serve best.
 */
export function fewestFor(rooms: readonly RoomOfHouse[]): Fewest {
  const sets = bestOfSets(optionsOf(rooms));
  // how few there can be is asked of the widest alone; which of as few serve best of all that are not outdone
  const few = notOutdone(sets, 'rooms');
  const count = smallestCover(
    few.map(({ rooms: shows }) => ({ cost: 1, shows })),
    rooms.length,
  );
  const fine = notOutdone(sets, 'rooms and rank');
  // a sum of ranks never makes up for one colour more
  const best = smallestCover(
    fine.map(({ rooms: shows, rank }) => ({ cost: 1 + rank / (2 * Math.max(1, rooms.length)), shows })),
    rooms.length,
  );
  const [from, chosen] = best.chosen.length <= count.chosen.length ? [fine, best.chosen] : [few, count.chosen];
  return {
    chosen: chosen.map((k) => ({ colour: from[k]!.colour, rooms: from[k]!.rooms })),
    exact: count.exact,
    without: count.never,
  };
}
