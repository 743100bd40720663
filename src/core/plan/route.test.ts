import { seededRandom } from '../base/random';
import { bestRoute, type RouteRoom } from './route';

const random = seededRandom(9);
const drawnRoom = (n: number, slots: number): RouteRoom => ({
  id: `r${n}`,
  stay: 1 + Math.floor(2 * random()),
  looks: Array.from({ length: Math.floor(3 * random()) }, () => ({
    worth: 1 + Math.floor(9 * random()),
    slots: new Set(Array.from({ length: slots }, (_, s) => s).filter(() => random() < 0.25)),
  })),
});

/** The most that can be seen, by trying every order and every start. */
function bruteForce(rooms: readonly RouteRoom[], slots: number): number {
  const go = (left: readonly RouteRoom[], slot: number): number => {
    let best = 0;
    for (const room of left)
      for (let from = slot; from + room.stay <= slots; from++) {
        const seen = room.looks.filter((l) => Array.from({ length: room.stay }, (_, s) => from + s).some((s) => l.slots.has(s)));
        const worth = seen.reduce((s, l) => s + l.worth, 0);
        const rest = go(
          left.filter((r) => r !== room),
          from + room.stay,
        );
        best = Math.max(best, worth + rest);
      }
    return best;
  };
  return go(rooms, 0);
}

describe('the order of rooms through a visit', () => {
  test('sees as much as trying every order finds, in 60 drawn visits of up to four rooms', () => {
    for (let n = 0; n < 60; n++) {
      const slots = 4 + Math.floor(4 * random());
      const rooms = Array.from({ length: 1 + Math.floor(4 * random()) }, (_, k) => drawnRoom(k, slots));
      const route = bestRoute(rooms, slots);
      expect(route.exact).toBe(true);
      expect(route.worth).toBe(bruteForce(rooms, slots));
    }
  });

  test('nobody is in two rooms at once, and every room is gone to that fits', () => {
    const rooms = Array.from({ length: 9 }, (_, k) => drawnRoom(k, 20));
    const { stops, left } = bestRoute(rooms, 20);
    stops.slice(1).forEach((stop, k) => expect(stop.from).toBeGreaterThanOrEqual(stops[k]!.to));
    expect(stops.length + left.length).toBe(9);
    expect(stops.at(-1)!.to).toBeLessThanOrEqual(20);
  });

  test('without anything to wait for it is the walking order, at once', () => {
    const rooms = ['hall', 'kitchen', 'study'].map((id) => ({ id, stay: 2, looks: [] }));
    expect(bestRoute(rooms, 12).stops.map((s) => [s.id, s.from])).toEqual([
      ['hall', 0],
      ['kitchen', 2],
      ['study', 4],
    ]);
  });

  test.each([3, 10])('of equal ways the walking order, and the first moment, %d rooms', (count) => {
    const any = new Set(Array.from({ length: 24 }, (_, slot) => slot));
    const rooms = Array.from({ length: count }, (_, n) => ({ id: `r${n}`, stay: 1, looks: [{ worth: 2, slots: any }] }));
    const at = (given: readonly RouteRoom[]) => bestRoute(given, 24).stops.map((s) => [s.id, s.from]);
    expect(at(rooms)).toEqual(rooms.map((room, slot) => [room.id, slot]));
    expect(at([...rooms].reverse())).toEqual([...rooms].reverse().map((room, slot) => [room.id, slot]));
  });

  test('a light that is there for hours is gone to when it begins, and a room is waited for no longer than it must', () => {
    const rooms = [
      { id: 'hall', stay: 1, looks: [{ worth: 5, slots: new Set([3, 4, 5]) }] },
      { id: 'study', stay: 2, looks: [] },
    ];
    expect(bestRoute(rooms, 12).stops.map((s) => [s.id, s.from])).toEqual([
      ['study', 0],
      ['hall', 3],
    ]);
  });

  test('many rooms: moved one by one, never less than walking order, close to the best', () => {
    const rooms = Array.from({ length: 12 }, (_, k) => drawnRoom(k, 24));
    const route = bestRoute(rooms, 24);
    expect(route.exact).toBe(false);
    const eight = rooms.slice(0, 8);
    expect(route.worth).toBeGreaterThanOrEqual(0.8 * bestRoute(eight, 24).worth);
  });

  test('a visit too short leaves out the room with the least to see, and says so', () => {
    const rooms = [
      { id: 'hall', stay: 2, looks: [] },
      { id: 'kitchen', stay: 2, looks: [{ worth: 3, slots: new Set([0]) }] },
    ];
    expect(bestRoute(rooms, 2)).toMatchObject({ left: ['hall'], worth: 3 });
    expect(bestRoute([], 4)).toEqual({ stops: [], left: [], worth: 0, exact: true });
  });

  test.each([2, 10])('a room is gone to as soon as may be: the whole of it in the visit, %d rooms', (count) => {
    const rooms = Array.from({ length: count }, (_, k) => ({
      id: `r${k}`,
      stay: 2,
      looks: k === 0 ? [{ worth: 1, slots: new Set([2 * count - 1]) }] : [],
    }));
    // the light of the first comes last, and it still fits whole
    const { stops, left } = bestRoute(rooms, 2 * count);
    expect(left).toEqual([]);
    expect(stops.at(-1)).toEqual({ id: 'r0', from: 2 * count - 2, to: 2 * count, looks: [0] });
    const tight = bestRoute(rooms, 2 * count - 1);
    expect(tight.left).toHaveLength(1);
  });

  test('a look is worth more than a room, a room more than being early', () => {
    const rooms = [
      { id: 'long', stay: 3, looks: [] },
      { id: 'seen', stay: 3, looks: [{ worth: 0.01, slots: new Set([3]) }] },
    ];
    expect(bestRoute(rooms, 4)).toMatchObject({ left: ['long'], worth: 0.01, stops: [{ id: 'seen', from: 1 }] });
    const many = Array.from({ length: 11 }, (_, k) => ({ id: `r${k}`, stay: 1, looks: [] }));
    expect(bestRoute(many, 11).left).toEqual([]);
  });
});
