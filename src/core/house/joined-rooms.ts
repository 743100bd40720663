import { sizeOf } from '../derived/describe-room';
import { houseDoors, type HouseDoor } from '../derived/house-doors';
import type { Room } from '../record/room';
import { boxSide, wallLine, wallOnSide } from '../room/plan';
import { floorPlan, rectOf, type FloorPlan } from './floor-plan';
import type { Point } from './quarter-turns';
import { viewsOf, type View } from './views';

/** How the rooms of a house join, and what is seen through their doors. */
export type Joined = { readonly doors: readonly HouseDoor[]; readonly plan: FloorPlan; readonly views: readonly JoinedView[] };
/** A view with its walls as their rooms number them, and the side of the rectangle the far one is drawn on. */
export type JoinedView = View & { readonly farSide: number };

/** A door is looked through when it is open, has no leaf, or is of glass. */
const isSeenThrough = ({ stands, glazed }: HouseDoor): boolean => stands !== 'shut' || glazed;

type Stands = { readonly wall: number | null; readonly leftM: number | null };
/** Where something stands in the rectangle around a room: the house is drawn of these. */
function aroundIt(room: Pick<Room, 'shape'> | undefined, { wall, leftM }: Stands): Stands {
  if (wall === null || !room?.shape || wall >= room.shape.plan.length) return { wall, leftM };
  const side = boxSide(room.shape.plan, wall, leftM ?? wallLine(room.shape.plan, wall).length / 2);
  return { wall: side.wall, leftM: leftM === null ? null : side.leftM };
}

/** The plan and the views of the recorded rooms of a visit, by their doors; what was not measured is as usual. */
export function joinedRooms(rooms: readonly Room[]): Joined {
  const doors = houseDoors(rooms);
  const around = (side: HouseDoor['sides'][number]) => ({
    ...side,
    ...aroundIt(
      rooms.find((r) => r.id === side.roomId),
      side,
    ),
  });
  const plan = floorPlan(
    rooms.map((room) => {
      const { widthM, depthM } = sizeOf(room);
      const windowWalls = room.windows.map((w) => aroundIt(room, { wall: w.wall, leftM: 0 }).wall ?? 0);
      return { id: room.id, widthM, depthM, bearingDeg: room.bearingDeg, windowWalls };
    }),
    doors.map((door) => ({
      ...door,
      sides: [around(door.sides[0]), around(door.sides[1])] as const,
    })),
  );
  const through = new Set(doors.filter(isSeenThrough).map((d) => d.id));
  const sight = plan.doors.map((door) => ({ ...door, seenThrough: through.has(door.id) }));
  const ownWall = (roomId: string, side: number): number => {
    const shape = rooms.find((r) => r.id === roomId)?.shape;
    return shape ? wallOnSide(shape.plan, side) : side;
  };
  const views = viewsOf(plan.parts.flat(), sight).map((view) => ({
    ...view,
    farSide: view.farWall,
    nearWall: ownWall(view.fromId, view.nearWall),
    farWall: ownWall(view.toId, view.farWall),
  }));
  return { doors, plan, views };
}

/** The rooms one looks through on the way of a view, the nearest first. */
export function roomsBetween(
  { fromId, through }: Pick<View, 'fromId' | 'through'>,
  doors: readonly Pick<HouseDoor, 'id' | 'sides'>[],
): string[] {
  const rooms: string[] = [];
  let here = fromId;
  for (const id of through.slice(0, -1)) {
    const sides = doors.find((d) => d.id === id)?.sides ?? [];
    here = sides.find((s) => s.roomId !== here)?.roomId ?? here;
    rooms.push(here);
  }
  return rooms;
}

/** Between rooms of which it is not known how they lie to each other, metres. */
const APART_M = 1;

/** The parts of a plan side by side on one sheet: how far each is shifted, and how large they are together, metres. */
export function laidOut(parts: FloorPlan['parts']): {
  readonly shifts: readonly Point[];
  readonly width: number;
  readonly height: number;
} {
  let x = 0;
  let height = 0;
  const shifts = parts.map((part): Point => {
    const rects = part.map(rectOf);
    const [x0, y0] = [Math.min(...rects.map((r) => r.x0)), Math.min(...rects.map((r) => r.y0))];
    const shift: Point = [x - x0, -y0];
    x += Math.max(...rects.map((r) => r.x1)) - x0 + APART_M;
    height = Math.max(height, Math.max(...rects.map((r) => r.y1)) - y0);
    return shift;
  });
  return { shifts, width: Math.max(1, x - APART_M), height: Math.max(1, height) };
}
