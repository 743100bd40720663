import { seededRandom } from '../base/random';
import { fewestFor, type RoomOfHouse } from './fewest';

/** The fewest by trying every set of colours, the small ones first. */
function bruteForce(rooms: readonly RoomOfHouse[]): number {
  const served = rooms.filter((r) => r.works.length > 0);
  const colours = [...new Set(rooms.flatMap((r) => r.works))];
  for (let size = 0; size <= served.length; size++) {
    const tried = (from: number, taken: readonly string[]): boolean => {
      if (served.every((r) => r.works.some((c) => taken.includes(c)))) return true;
      if (taken.length === size) return false;
      return colours.slice(from).some((c, k) => tried(from + k + 1, [...taken, c]));
    };
    if (tried(0, [])) return size;
  }
  return Infinity;
}

test('no fewer serve all rooms: against every set there is', () => {
  const random = seededRandom(11);
  for (let n = 0; n < 120; n++) {
    const rooms = Array.from({ length: 1 + Math.floor(random() * 7) }, () => ({
      works: Array.from({ length: 11 }, (_, k) => `c${k}`).filter(() => random() < 0.28),
    }));
    const { chosen, exact, without } = fewestFor(rooms);
    expect(exact).toBe(true);
    expect(chosen).toHaveLength(bruteForce(rooms));
    expect(without).toEqual(rooms.flatMap((r, k) => (r.works.length === 0 ? [k] : [])));
    for (const { colour, rooms: where } of chosen) expect(where.filter((k) => !rooms[k]!.works.includes(colour))).toEqual([]);
    const served = new Set(chosen.flatMap((c) => c.rooms));
    expect(rooms.flatMap((r, k) => (r.works.length > 0 && !served.has(k) ? [k] : []))).toEqual([]);
  }
});

test('of as few the one that serves best', () => {
  const rooms = [{ works: ['dull', 'fine'] }, { works: ['fine', 'dull'] }, { works: ['x', 'fine', 'y', 'dull'] }];
  expect(fewestFor(rooms).chosen.map((c) => c.colour)).toEqual(['fine']);
});

test('a room that nothing else asks of has its own best', () => {
  const rooms = [{ works: ['fine', 'pink'] }, { works: ['fine', 'pink'] }, { works: ['own', 'b', 'c', 'pink'] }];
  // pink alone would do: it is the fewest; where two are needed anyway the second is the room’s own
  expect(fewestFor(rooms).chosen.map((c) => c.colour)).toEqual(['pink']);
  const four = [
    ...rooms.slice(0, 2).map(() => ({ works: ['fine'] })),
    { works: ['own', 'b', 'rose'] },
    { works: ['fine', 'x', 'rose'] },
  ];
  expect(
    fewestFor(four)
      .chosen.map((c) => c.colour)
      .sort(),
  ).toEqual(['fine', 'own']);
});

test('a house of no rooms needs no colour', () => {
  expect(fewestFor([])).toEqual({ chosen: [], exact: true, without: [] });
});

test('twelve rooms of four hundred colours are done at once', () => {
  const random = seededRandom(5);
  const rooms = Array.from({ length: 12 }, () => ({
    works: Array.from({ length: 400 }, (_, k) => `c${k}`).filter(() => random() < 0.2),
  }));
  const { chosen, exact } = fewestFor(rooms);
  expect(exact).toBe(true);
  expect(chosen.length).toBeLessThan(6);
});
