import type { Wall } from '../room/facing';
import { floorPlan, inPlan, rectOf, type PlanDoor, type PlanRoom, type PlanSide } from './floor-plan';
import { alongWall } from './box-walls';

const roomOf = (id: string, widthM: number, depthM: number, more: Partial<PlanRoom> = {}): PlanRoom => ({
  id,
  widthM,
  depthM,
  bearingDeg: null,
  windowWalls: [],
  ...more,
});
const side = (roomId: string, wall: Wall | null = null, leftM: number | null = null): PlanSide => ({ roomId, wall, leftM });
const doorOf = (id: string, a: PlanSide, b: PlanSide, more: Partial<PlanDoor> = {}): PlanDoor => ({
  id,
  sides: [a, b],
  widthM: 0.8,
  stairs: false,
  ...more,
});

describe('rooms placed by the doors between them', () => {
  test('a room beside another: both sides of the door are at one place', () => {
    const rooms = [roomOf('hall', 2, 5), roomOf('sitting', 5, 4)];
    const { parts, doors, issues } = floorPlan(rooms, [doorOf('d', side('hall', 1, 1), side('sitting', 3, 2))]);
    expect(issues).toEqual([]);
    const [hall, sitting] = parts[0]!;
    // the right wall of the hall lies at x = 2; the door's middle is 1.4 m down it, and 2.4 m up the left wall of the sitting room
    expect(rectOf(sitting!)).toEqual({ x0: 2, y0: expect.closeTo(1.4 - 1.6, 9), x1: 7, y1: expect.closeTo(1.4 + 2.4, 9) });
    const [a, b] = doors[0]!.placed;
    const at = [inPlan(hall!, alongWall(hall!, a.wall, a.leftM)), inPlan(sitting!, alongWall(sitting!, b.wall, b.leftM + 0.8))];
    expect(at[0]).toEqual(at[1]!.map((v) => expect.closeTo(v, 9)));
  });

  test('a room that was drawn the other way round is turned', () => {
    const rooms = [roomOf('a', 3, 4), roomOf('b', 5, 2)];
    const { parts } = floorPlan(rooms, [doorOf('d', side('a', 0, 1), side('b', 0, 2))]);
    expect(parts[0]![1]!.quarters).toBe(2);
    expect(rectOf(parts[0]![1]!).y1).toBeCloseTo(0, 9);
  });

  test('north is up where a bearing was read, and bearings say which wall a door is in', () => {
    const rooms = [roomOf('a', 3, 4, { bearingDeg: 90 }), roomOf('b', 5, 2, { bearingDeg: 180 })];
    const { parts, doors } = floorPlan(rooms, [doorOf('d', side('a', 0, 1), side('b'))]);
    expect(parts[0]![0]!.quarters).toBe(1);
    // through the east wall of the first one comes in by the west wall of the other: its second, as its first faces south
    expect(doors[0]!.placed[1].wall).toBe(1);
    expect(doors[0]!.assumed).toBe(true);
  });

  test('a round that closes is said nothing of; one that does not, by how much', () => {
    const rooms = [roomOf('a', 4, 4), roomOf('b', 4, 4), roomOf('c', 4, 4), roomOf('d', 4, 4)];
    const round = (left: number) => [
      doorOf('ab', side('a', 1, 1), side('b', 3, 2.2)),
      doorOf('ac', side('a', 2, 1), side('c', 0, 2.2)),
      doorOf('bd', side('b', 2, 1), side('d', 0, 2.2)),
      doorOf('cd', side('c', 1, left), side('d', 3, 2.2)),
    ];
    expect(floorPlan(rooms, round(1)).issues).toEqual([]);
    expect(floorPlan(rooms, round(2.5)).issues).toEqual([{ kind: 'gap', doorId: 'cd', metres: expect.closeTo(1.5, 9) }]);
  });

  test('walls of a door that cannot face each other, and rooms that lie over each other, are told', () => {
    const rooms = [roomOf('a', 4, 4), roomOf('b', 4, 4), roomOf('c', 4, 4)];
    const doors = [doorOf('ab', side('a', 1, 1), side('b', 3, 2.2)), doorOf('ac', side('a', 1, 1.1), side('c', 3, 2.1))];
    const plan = floorPlan(rooms, doors);
    expect(plan.issues).toEqual([{ kind: 'overlap', rooms: ['b', 'c'], areaM2: expect.closeTo(16, 0) }]);
    const twice = floorPlan(rooms, [doors[0]!, doorOf('again', side('a', 0, 1), side('b', 0, 1))]);
    expect(twice.issues).toEqual([{ kind: 'turned', doorId: 'again' }]);
  });

  test('what nobody measured is put where no room lies over another', () => {
    const rooms = ['hall', 'a', 'b', 'c', 'd', 'e'].map((id) => roomOf(id, id === 'hall' ? 2 : 4, id === 'hall' ? 8 : 3.5));
    const doors = ['a', 'b', 'c', 'd', 'e'].map((id) => doorOf(id, side('hall'), side(id)));
    const { parts, issues } = floorPlan(rooms, doors);
    expect(parts).toHaveLength(1);
    expect(parts[0]).toHaveLength(6);
    expect(issues).toEqual([]);
  });

  test('stairs join floors; rooms without a door are a part of their own', () => {
    const rooms = [roomOf('hall', 3, 3), roomOf('landing', 3, 3), roomOf('bed', 4, 4), roomOf('shed', 2, 2)];
    const up = doorOf('up', side('hall', 0, 1), side('landing', 2, 1), { stairs: true });
    const { parts, issues } = floorPlan(rooms, [up, doorOf('lb', side('landing', 1, 1), side('bed', 3, 1))]);
    expect(parts.map((p) => p.map((r) => r.id))).toEqual([['hall'], ['landing', 'bed'], ['shed']]);
    expect(issues).toEqual([]);
    const level = [up, doorOf('hl', side('hall', 1, 1), side('landing', 3, 1))];
    expect(floorPlan(rooms, level).issues).toEqual([{ kind: 'one-floor', doorId: 'up' }]);
  });

  test('forty rooms along corridors are placed in a moment, a door to a room that is gone is left out', () => {
    const rooms = Array.from({ length: 40 }, (_, k) => roomOf(`r${k}`, 3 + (k % 3), 3 + (k % 2)));
    const doors = rooms.slice(1).map((r, k) => doorOf(`d${k}`, side(`r${Math.floor(k / 3)}`), side(r.id)));
    const started = performance.now();
    const { parts } = floorPlan(rooms, [...doors, doorOf('gone', side('r1'), side('nowhere'))]);
    expect(performance.now() - started).toBeLessThan(4000);
    expect(parts.flat()).toHaveLength(40);
    expect(floorPlan([], []).parts).toEqual([]);
  });
});
