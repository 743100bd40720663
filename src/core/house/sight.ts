import { WALLS, type Wall } from '../room/facing';
import { alongWall, doorSegment, inward, wallSegment, type Box, type Segment } from './box-walls';
import type { PlacedDoor, PlacedSide } from './floor-plan';
import { minus, plus, times, turned, type Point } from './quarter-turns';

/** A room as one looks through it. */
export type SightRoom = Box & { readonly id: string };
/** A door as one looks through it, or not. */
export type SightDoor = Pick<PlacedDoor, 'id' | 'placed' | 'widthM' | 'stairs'> & {
  /** Open, an opening, or shut and glazed. */
  readonly seenThrough: boolean;
};

/** A wall, or the leaf of a shut door, as it is seen from somewhere. */
export type Seen = {
  readonly roomId: string;
  readonly wall: Wall;
  /** A shut door in that wall; null: the wall itself. */
  readonly leafId: string | null;
  /** Doors one looks through, the nearest first. */
  readonly through: readonly string[];
  /** Directions it takes, degrees. */
  readonly deg: number;
  /** How far it is in the middle of them, metres. */
  readonly distanceM: number;
};

/** Where one stands, in the room's own frame, and which way one looks: the middle, and how far to either side, degrees. */
export type Standing = { readonly room: SightRoom; readonly at: Point; readonly towards: Point; readonly halfDeg: number };

/** Nobody looks through more doors than this in a row. */
const MOST_DOORS = 3;
/** Narrower than this nothing is seen, degrees. */
const LEAST_DEG = 0.05;
const DEG = 180 / Math.PI;

/** Directions from one to the other, degrees, the first less than the second, within half a turn of the middle they are told from. */
type Directions = { readonly lo: number; readonly hi: number };

const wrapped = (deg: number): number => deg - 360 * Math.round(deg / 360);
const angle = (eye: Point, p: Point, middle: number): number => wrapped(Math.atan2(p[1] - eye[1], p[0] - eye[0]) * DEG - middle);

/** The directions in which a piece of a line is seen from its inner side, from left to right: angles grow clockwise. */
function directionsOf(eye: Point, [left, right]: Segment, middle: number): Directions {
  const lo = angle(eye, left, middle);
  const across = wrapped(angle(eye, right, middle) - lo);
  return { lo, hi: lo + across };
}

const both = (p: Directions, q: Directions): Directions => ({ lo: Math.max(p.lo, q.lo), hi: Math.min(p.hi, q.hi) });
const width = ({ lo, hi }: Directions): number => Math.max(0, hi - lo);

/** The same directions a turn on, where a piece lies across the back of one's head. */
const anyTurn = (d: Directions): readonly Directions[] => [-360, 0, 360].map((by) => ({ lo: d.lo + by, hi: d.hi + by }));

/** Whether a point lies on the inner side of a wall. */
const isInside = (eye: Point, box: Box, wall: Wall): boolean => {
  const from = minus(eye, wallSegment(box, wall)[0]);
  const into = inward(wall);
  return from[0] * into[0] + from[1] * into[1] > 1e-9;
};

/** How far a wall is in a direction, metres. */
function distanceTo(eye: Point, box: Box, wall: Wall, deg: number): number {
  const [from] = wallSegment(box, wall);
  const into = inward(wall);
  const towards: Point = [Math.cos(deg / DEG), Math.sin(deg / DEG)];
  const away = (eye[0] - from[0]) * into[0] + (eye[1] - from[1]) * into[1];
  const speed = towards[0] * into[0] + towards[1] * into[1];
  return speed === 0 ? Infinity : -away / speed;
}

/** A point of one room's frame in the other's, through a door between them. */
function throughDoor(
  p: Point,
  near: { room: SightRoom; side: PlacedSide },
  far: { room: SightRoom; side: PlacedSide },
  widthM: number,
): Point {
  const quarters = near.side.wall + 2 - far.side.wall;
  const here = alongWall(near.room, near.side.wall, near.side.leftM + widthM / 2);
  const there = alongWall(far.room, far.side.wall, far.side.leftM + widthM / 2);
  // near to far: the far frame is turned by `quarters` against the near one
  return plus(there, turned(minus(p, here), -quarters));
}

type House = { readonly rooms: ReadonlyMap<string, SightRoom>; readonly doors: readonly SightDoor[] };
type Looking = {
  readonly room: SightRoom;
  readonly eye: Point;
  /** The middle of the view, degrees in this room's frame. */
  readonly middle: number;
  readonly within: Directions;
  readonly through: readonly string[];
};

function seenFrom(house: House, looking: Looking): Seen[] {
  const { room, eye, middle, within, through } = looking;
  return WALLS.flatMap((wall): Seen[] => {
    if (!isInside(eye, room, wall)) return [];
    return anyTurn(directionsOf(eye, wallSegment(room, wall), middle))
      .map((d) => both(d, within))
      .filter((d) => width(d) > LEAST_DEG)
      .flatMap((d) => seenInWall(house, looking, wall, d));
  });

  function seenInWall(of: House, from: Looking, wall: Wall, d: Directions): Seen[] {
    const here = of.doors.flatMap((door) => {
      const k = door.placed.findIndex((s) => s.roomId === room.id && s.wall === wall);
      return k < 0 || door.id === through.at(-1) ? [] : [{ door, near: door.placed[k]!, far: door.placed[1 - k]! }];
    });
    const parts = here
      .map((one) => {
        const segment = doorSegment(room, wall, one.near.leftM, one.door.widthM);
        const [seen] = anyTurn(directionsOf(eye, segment, middle))
          .map((dir) => both(dir, d))
          .filter((dir) => width(dir) > LEAST_DEG);
        return { ...one, seen };
      })
      .filter((one) => one.seen !== undefined);
    const told = (deg: number, at: Directions, leafId: string | null): Seen => ({
      roomId: room.id,
      wall,
      leafId,
      through,
      deg,
      distanceM: distanceTo(eye, room, wall, middle + (at.lo + at.hi) / 2),
    });
    const left = width(d) - parts.reduce((sum, p) => sum + width(p.seen!), 0);
    return [
      ...(left > LEAST_DEG ? [told(left, d, null)] : []),
      ...parts.flatMap(({ door, near, far, seen }) =>
        door.seenThrough && !door.stairs
          ? beyond(of, from, { door, near, far, seen: seen! })
          : [told(width(seen!), seen!, door.id)],
      ),
    ];
  }
}

type Doorway = { readonly door: SightDoor; readonly near: PlacedSide; readonly far: PlacedSide; readonly seen: Directions };

/** What is seen through a door. */
function beyond(house: House, { room, eye, middle, through }: Looking, { door, near, far, seen }: Doorway): Seen[] {
  const other = house.rooms.get(far.roomId);
  if (!other || through.length >= MOST_DOORS) return [];
  const at = throughDoor(eye, { room, side: near }, { room: other, side: far }, door.widthM);
  const turn = -90 * (near.wall + 2 - far.wall);
  return seenFrom(house, { room: other, eye: at, middle: wrapped(middle + turn), within: seen, through: [...through, door.id] });
}

/**
 * Everything one sees of walls and shut doors from a place of a room, through open doors too, by the directions it takes: in the plane, at
 * the height of the eye, exact. Rooms are boxes, walls without thickness; furniture hides nothing.
 */
export function seenStanding(
  { room, at, towards, halfDeg }: Standing,
  rooms: readonly SightRoom[],
  doors: readonly SightDoor[],
): Seen[] {
  const [x, y] = minus(towards, at);
  const middle = Math.atan2(y, x) * DEG;
  const house: House = { rooms: new Map(rooms.map((r) => [r.id, r])), doors };
  return seenFrom(house, { room, eye: at, middle, within: { lo: -halfDeg, hi: halfDeg }, through: [] });
}

/** Before a door, so far into the room, in its frame; never beyond the wall across. */
export function beforeDoor(room: SightRoom, { wall, leftM }: PlacedSide, widthM: number, awayM: number): Point {
  const deep = wall % 2 === 0 ? room.depthM : room.widthM;
  return plus(alongWall(room, wall, leftM + widthM / 2), times(inward(wall), Math.min(awayM, deep * 0.8)));
}
