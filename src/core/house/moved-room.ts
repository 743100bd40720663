import { wallLength } from '../room/plan';
import { WALLS, type Wall } from '../room/facing';
import { alongWall } from './box-walls';
import {
  alongFrom,
  inPlan,
  rectOf,
  type FloorPlan,
  type PlacedDoor,
  type PlacedRoom,
  type PlacedSide,
  type Rect,
} from './floor-plan';
import { plus, type Point } from './quarter-turns';

/** A room put down so near another stands against it, metres; and two walls lie on each other, metres. */
const SNAPS_M = 0.6;
const TOUCHES_M = 0.02;

export type MovedRoom = {
  /** Doors of the room that stand in walls that touch, with where they are now. */
  readonly doors: readonly { readonly id: string; readonly placed: readonly [PlacedSide, PlacedSide] }[];
  /** Doors of which the two walls do not touch where the room was put down. */
  readonly apart: readonly string[];
};

const overlap = (a0: number, a1: number, b0: number, b1: number): number => Math.min(a1, b1) - Math.max(a0, b0);

/** How far a room has to be pushed so that it stands against others: along x and y, where something is near enough. */
function snap(rect: Rect, others: readonly Rect[]): Point {
  const near = (pushes: readonly number[]) =>
    pushes.filter((d) => Math.abs(d) <= SNAPS_M).reduce((best, d) => (Math.abs(d) < Math.abs(best) ? d : best), Infinity);
  const beside = others.filter((o) => overlap(rect.y0, rect.y1, o.y0, o.y1) > 0.3);
  const above = others.filter((o) => overlap(rect.x0, rect.x1, o.x0, o.x1) > 0.3);
  const x = near(beside.flatMap((o) => [o.x1 - rect.x0, o.x0 - rect.x1]));
  const y = near(above.flatMap((o) => [o.y1 - rect.y0, o.y0 - rect.y1]));
  return [Number.isFinite(x) ? x : 0, Number.isFinite(y) ? y : 0];
}

/** The wall of a placed room that faces up (0), right, down or left in the plan. */
const wallFacing = ({ quarters }: PlacedRoom, side: number): Wall => WALLS[(((side - quarters) % 4) + 4) % 4]!;

/** Where a door stands between two rooms that touch, as near as may be to where it stood; undefined where they do not. */
function between(
  rooms: readonly [PlacedRoom, PlacedRoom],
  widthM: number,
  was: Point,
): readonly [PlacedSide, PlacedSide] | undefined {
  const [a, b] = [rectOf(rooms[0]), rectOf(rooms[1])];
  const touching = [
    { side: 0, gap: Math.abs(a.y0 - b.y1), from: Math.max(a.x0, b.x0), to: Math.min(a.x1, b.x1), at: a.y0 },
    { side: 1, gap: Math.abs(a.x1 - b.x0), from: Math.max(a.y0, b.y0), to: Math.min(a.y1, b.y1), at: a.x1 },
    { side: 2, gap: Math.abs(a.y1 - b.y0), from: Math.max(a.x0, b.x0), to: Math.min(a.x1, b.x1), at: a.y1 },
    { side: 3, gap: Math.abs(a.x0 - b.x1), from: Math.max(a.y0, b.y0), to: Math.min(a.y1, b.y1), at: a.x0 },
  ].find((t) => t.gap < TOUCHES_M && t.to - t.from >= widthM);
  if (!touching) return undefined;
  const { side, from, to, at } = touching;
  const upright = side % 2 === 1;
  const middle = Math.min(to - widthM / 2, Math.max(from + widthM / 2, was[upright ? 1 : 0]));
  const point: Point = upright ? [at, middle] : [middle, at];
  const sideOf = (room: PlacedRoom, facing: number): PlacedSide => {
    const wall = wallFacing(room, facing);
    const left = alongFrom(room, wall, point) - widthM / 2;
    const leftM = Math.min(wallLength(wall, room) - widthM, Math.max(0, left));
    return { roomId: room.id, wall, leftM: Math.round(leftM * 100) / 100 };
  };
  return [sideOf(rooms[0], side), sideOf(rooms[1], (side + 2) % 4)];
}

/**
 * What a room that is put down elsewhere on the plan makes of its doors: it stands against what it is put beside; every door whose walls
 * touch there is in them.
 *
 * @param by how far it was moved, metres
 */
export function movedRoom({ parts, doors }: FloorPlan, roomId: string, by: Point): MovedRoom {
  const all = parts.flat();
  const before = all.find((r) => r.id === roomId);
  if (!before) return { doors: [], apart: [] };
  const put = { ...before, at: plus(before.at, by) };
  const others = all.filter((r) => r.id !== roomId && r.part === before.part);
  const room: PlacedRoom = { ...put, at: plus(put.at, snap(rectOf(put), others.map(rectOf))) };
  const its = doors.filter((d) => !d.stairs && d.placed.some((s) => s.roomId === roomId));
  const found = its.map((door: PlacedDoor) => {
    const rooms = door.placed.map((s) => (s.roomId === roomId ? room : others.find((r) => r.id === s.roomId))!);
    const other = door.placed.findIndex((s) => s.roomId !== roomId);
    const there = rooms[other];
    if (!there) return { id: door.id, placed: undefined };
    const { wall, leftM } = door.placed[other]!;
    const was = inPlan(there, alongWall(there, wall, leftM + door.widthM / 2));
    return { id: door.id, placed: between([rooms[0]!, rooms[1]!], door.widthM, was) };
  });
  return {
    doors: found.flatMap(({ id, placed }) => (placed ? [{ id, placed }] : [])),
    apart: found.flatMap(({ id, placed }) => (placed ? [] : [id])),
  };
}
