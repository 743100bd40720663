import { floorPlan, rectOf, type PlanDoor, type PlanRoom } from './floor-plan';
import { movedRoom } from './moved-room';

const roomOf = (id: string, widthM: number, depthM: number): PlanRoom => ({
  id,
  widthM,
  depthM,
  bearingDeg: null,
  windowWalls: [],
});
const said = (id: string, a: string, b: string): PlanDoor => ({
  id,
  sides: [
    { roomId: a, wall: null, leftM: null },
    { roomId: b, wall: null, leftM: null },
  ],
  widthM: 0.8,
  stairs: false,
});
/** The doors as they would be written, placed anew. */
function again(rooms: readonly PlanRoom[], doors: readonly PlanDoor[], moved: ReturnType<typeof movedRoom>) {
  const now = doors.map((d): PlanDoor => {
    const placed = moved.doors.find((m) => m.id === d.id)?.placed;
    return placed ? { ...d, sides: placed } : d;
  });
  return floorPlan(rooms, now);
}

const rooms = [roomOf('hall', 2, 5), roomOf('kitchen', 4, 3)];
const doors = [said('d', 'hall', 'kitchen')];
const plan = floorPlan(rooms, doors);
const at = (of: typeof plan, id: string) => rectOf(of.parts[0]!.find((r) => r.id === id)!);
const put = (x: number, y: number) => {
  const from = at(plan, 'kitchen');
  return movedRoom(plan, 'kitchen', [x - from.x0, y - from.y0]);
};

test('put down on the other side, a room stays there: its door is in the walls that touch now', () => {
  // the hall lies from 0, 0 to 2, 5: right of it, a hand off
  const right = put(2.3, 1);
  expect(right.apart).toEqual([]);
  const now = again(rooms, doors, right);
  expect(at(now, 'kitchen')).toEqual({ x0: 2, y0: expect.closeTo(1, 1), x1: 6, y1: expect.closeTo(4, 1) });
  expect(now.issues).toEqual([]);
  const left = again(rooms, doors, put(-4.2, 0.5));
  expect(at(left, 'kitchen').x1).toBeCloseTo(0, 9);
  const below = again(rooms, doors, put(0.2, 5.2));
  expect(at(below, 'kitchen').y0).toBeCloseTo(5, 9);
});

test('put down where it touches nothing, or by a corner alone, its door cannot be', () => {
  expect(put(9, 9)).toEqual({ doors: [], apart: ['d'] });
  expect(put(2.1, 4.6).apart).toEqual(['d']);
});

test('a room of a round that does not close is put right between both it leads to', () => {
  const four = ['a', 'b', 'c', 'd'].map((id) => roomOf(id, 4, 4));
  const side = (roomId: string, wall: 0 | 1 | 2 | 3, leftM: number) => ({ roomId, wall, leftM });
  const open: PlanDoor[] = [
    { ...said('ab', 'a', 'b'), sides: [side('a', 1, 1), side('b', 3, 2.2)] },
    { ...said('ac', 'a', 'c'), sides: [side('a', 2, 1), side('c', 0, 2.2)] },
    { ...said('bd', 'b', 'd'), sides: [side('b', 2, 1), side('d', 0, 0.2)] },
    { ...said('cd', 'c', 'd'), sides: [side('c', 1, 1), side('d', 3, 2.2)] },
  ];
  const crooked = floorPlan(four, open);
  expect(crooked.issues.map((i) => i.kind)).toContain('gap');
  const d = crooked.parts[0]!.find((r) => r.id === 'd')!;
  const { x0, y0 } = rectOf(d);
  const moved = movedRoom(crooked, 'd', [4 - x0, 4 - y0]);
  expect(moved.apart).toEqual([]);
  const now = again(four, open, moved);
  expect(now.issues).toEqual([]);
});

test('a room that is not there moves nothing', () => {
  expect(movedRoom(plan, 'nowhere', [1, 1])).toEqual({ doors: [], apart: [] });
});
