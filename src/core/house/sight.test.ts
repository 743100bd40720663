import { seededRandom } from '../base/random';
import { WALLS, type Wall } from '../room/facing';
import { wallLength } from '../room/plan';
import { doorSegment, wallSegment, type Segment } from './box-walls';
import { floorPlan, inPlan, type PlacedRoom, type PlanDoor, type PlanRoom } from './floor-plan';
import type { Point } from './quarter-turns';
import { seenStanding, type SightDoor } from './sight';

const roomOf = (id: string, widthM: number, depthM: number): PlanRoom => ({
  id,
  widthM,
  depthM,
  bearingDeg: null,
  windowWalls: [],
});
const side = (roomId: string, wall: Wall, leftM: number) => ({ roomId, wall, leftM });
const doorOf = (id: string, a: PlanDoor['sides'][0], b: PlanDoor['sides'][0], widthM = 0.9): PlanDoor => ({
  id,
  sides: [a, b],
  widthM,
  stairs: false,
});

/** Where a ray meets a piece of a line, metres along it. */
function meets(eye: Point, towards: Point, [p, q]: Segment): number {
  const [dx, dy] = [q[0] - p[0], q[1] - p[1]];
  const det = towards[0] * -dy + towards[1] * dx;
  if (Math.abs(det) < 1e-12) return Infinity;
  const [bx, by] = [p[0] - eye[0], p[1] - eye[1]];
  const t = (bx * -dy + by * dx) / det;
  const u = (towards[0] * by - towards[1] * bx) / det;
  return t > 1e-7 && u >= 0 && u <= 1 ? t : Infinity;
}

/** The same by throwing rays about the whole plan: a ray goes on through the open doors it meets. */
function byRays(
  rooms: readonly PlacedRoom[],
  doors: readonly SightDoor[],
  from: { roomId: string; eye: Point; middle: number; halfDeg: number },
  count: number,
) {
  const found = new Map<string, number>();
  for (let k = 0; k < count; k++) {
    const angle = ((from.middle - from.halfDeg + ((k + 0.5) * 2 * from.halfDeg) / count) * Math.PI) / 180;
    const towards: Point = [Math.cos(angle), Math.sin(angle)];
    let roomId = from.roomId;
    let after = 0;
    for (let hop = 0; hop < 5; hop++) {
      const room = rooms.find((r) => r.id === roomId)!;
      // out of a room the last wall that is met
      const hits = WALLS.map((wall) => {
        const [p, q] = wallSegment(room, wall);
        return { wall, t: meets(from.eye, towards, [inPlan(room, p), inPlan(room, q)]) };
      }).filter((h) => Number.isFinite(h.t) && h.t > after + 1e-6);
      const { wall, t } = hits.reduce((far, h) => (h.t > far.t ? h : far));
      const door = doors.find((d) => {
        const here = d.placed.find((s) => s.roomId === roomId && s.wall === wall);
        if (!here) return false;
        const [p, q] = doorSegment(room, wall, here.leftM, d.widthM);
        return Number.isFinite(meets(from.eye, towards, [inPlan(room, p), inPlan(room, q)]));
      });
      if (door?.seenThrough) {
        roomId = door.placed.find((s) => s.roomId !== roomId)!.roomId;
        after = t;
        continue;
      }
      const key = `${roomId} ${wall} ${door ? 'leaf' : ''}`;
      found.set(key, (found.get(key) ?? 0) + 1 / count);
      break;
    }
  }
  return found;
}

const HALF = 40;
function compare(
  plan: ReturnType<typeof floorPlan>,
  shut: readonly string[],
  from: { roomId: string; at: Point; towards: Point },
) {
  const rooms = plan.parts[0]!;
  const doors = plan.doors.map((d): SightDoor => ({ ...d, seenThrough: !shut.includes(d.id) }));
  const room = rooms.find((r) => r.id === from.roomId)!;
  const exact = new Map<string, number>();
  for (const s of seenStanding({ room, at: from.at, towards: from.towards, halfDeg: HALF }, rooms, doors)) {
    const key = `${s.roomId} ${s.wall} ${s.leafId ? 'leaf' : ''}`;
    exact.set(key, (exact.get(key) ?? 0) + s.deg / (2 * HALF));
  }
  const [eye, to] = [inPlan(room, from.at), inPlan(room, from.towards)];
  const middle = (Math.atan2(to[1] - eye[1], to[0] - eye[0]) * 180) / Math.PI;
  const rays = byRays(rooms, doors, { roomId: from.roomId, eye, middle, halfDeg: HALF }, 20_000);
  return { exact, rays };
}

describe('what one sees through doors', () => {
  const rooms = [roomOf('hall', 2, 5), roomOf('sitting', 5, 4), roomOf('kitchen', 3, 3), roomOf('bed', 4, 3)];
  const doors = [
    doorOf('hs', side('hall', 1, 1), side('sitting', 3, 2)),
    doorOf('hk', side('hall', 3, 1.5), side('kitchen', 1, 0.8), 1.4),
    doorOf('sb', side('sitting', 1, 0.5), side('bed', 3, 0.6)),
  ];
  const plan = floorPlan(rooms, doors);

  test('standing straight before a door of 1 m, 1 m away: the door takes 53.13°', () => {
    const two = floorPlan([roomOf('a', 4, 4), roomOf('b', 4, 4)], [doorOf('d', side('a', 0, 1.5), side('b', 2, 1.5), 1)]);
    const sight = two.doors.map((d): SightDoor => ({ ...d, seenThrough: true }));
    const seen = seenStanding({ room: two.parts[0]![0]!, at: [2, 1], towards: [2, 0], halfDeg: 90 }, two.parts[0]!, sight);
    const beyond = seen.filter((s) => s.roomId === 'b');
    expect(beyond.reduce((sum, s) => sum + s.deg, 0)).toBeCloseTo(2 * Math.atan(0.5) * (180 / Math.PI), 9);
    // the far wall of b is 5 m away, and all that is seen: 5 m × 1 m is wider than its 4 m
    expect(beyond.find((s) => s.wall === 0)!.distanceM).toBeCloseTo(5, 9);
    expect(seen.reduce((sum, s) => sum + s.deg, 0)).toBeCloseTo(180, 6);
  });

  test('every wall has the share that twenty thousand rays give it, from 60 places, doors open and shut', () => {
    const random = seededRandom(7);
    let compared = 0;
    for (let n = 0; n < 60; n++) {
      const room = rooms[Math.floor(random() * rooms.length)]!;
      const spot = (): Point => [0.1 + random() * (room.widthM - 0.2), 0.1 + random() * (room.depthM - 0.2)];
      const { exact, rays } = compare(plan, random() < 0.3 ? ['hk'] : [], { roomId: room.id, at: spot(), towards: spot() });
      for (const key of new Set([...exact.keys(), ...rays.keys()])) {
        expect([key, exact.get(key) ?? 0]).toEqual([key, expect.closeTo(rays.get(key) ?? 0, 3)]);
        compared += 1;
      }
    }
    expect(compared).toBeGreaterThan(150);
  });

  test('through two doors in a row the third room is seen, and not where the middle one is shut', () => {
    const from = { roomId: 'kitchen', at: [1, 2.85] as Point, towards: [3, 1.6] as Point };
    const open = compare(plan, [], from);
    expect([...open.exact.keys()].some((k) => k.startsWith('sitting'))).toBe(true);
    const shut = compare(plan, ['hs'], from);
    expect([...shut.exact.keys()].some((k) => k.startsWith('sitting'))).toBe(false);
    expect([...shut.exact.keys()].some((k) => k.startsWith('hall') && k.endsWith('leaf'))).toBe(true);
  });
});

test('turned rooms are looked through like straight ones: a door in any wall of either', () => {
  const random = seededRandom(3);
  for (const wall of WALLS)
    for (const other of WALLS) {
      const [a, b] = [roomOf('a', 3, 4), roomOf('b', 5, 3.5)];
      const at = (box: PlanRoom, w: Wall) => random() * (wallLength(w, box) - 1);
      const plan = floorPlan([a, b], [doorOf('d', side('a', wall, at(a, wall)), side('b', other, at(b, other)))]);
      const { exact, rays } = compare(plan, [], { roomId: 'a', at: [1.5, 2], towards: [random() * 3, random() * 4] });
      for (const [key, share] of rays) expect([key, exact.get(key) ?? 0]).toEqual([key, expect.closeTo(share, 3)]);
      expect([...exact.values()].reduce((sum, s) => sum + s, 0)).toBeCloseTo(1, 3);
    }
});
