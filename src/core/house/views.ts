import type { Wall } from '../room/facing';
import { alongWall } from './box-walls';
import type { PlacedDoor } from './floor-plan';
import type { Point } from './quarter-turns';
import { beforeDoor, seenStanding, type Seen, type SightDoor, type SightRoom } from './sight';

/** Where one stands when one looks into another room. */
export const SPOTS = ['middle', 'door'] as const;
export type Spot = (typeof SPOTS)[number];

/** Two walls that are seen together: the one with the door, and the one behind it that takes most of the view. */
export type View = {
  readonly id: string;
  readonly fromId: string;
  readonly spot: Spot;
  /** In the frame of the room one stands in, metres. */
  readonly at: Point;
  /** Doors one looks through, the nearest first. */
  readonly through: readonly string[];
  readonly nearWall: Wall;
  readonly toId: string;
  readonly farWall: Wall;
  /** Shares of what one takes in without turning the head, 0–1: all of the other room, and its wall. */
  readonly share: number;
  readonly farShare: number;
  readonly distanceM: number;
};

/** What one takes in without turning the head, degrees to either side; how far from the door one stands; what is too little. Own choice. */
export const VIEW = { halfDeg: 35, awayM: 1.4, leastShare: 0.02 } as const;

type Doors = readonly (SightDoor & Pick<PlacedDoor, 'placed'>)[];

/** Of what is seen of a room its wall with most of the view. */
function widest(seen: readonly Seen[]): Seen {
  const walls = seen.map((s) => ({ ...s, deg: seen.filter((o) => o.wall === s.wall).reduce((sum, o) => sum + o.deg, 0) }));
  return walls.reduce((best, s) => (s.deg > best.deg ? s : best));
}

/** What is seen through a door of a room from a spot of it, room by room. */
function seenThrough(
  room: SightRoom,
  door: Doors[number],
  spot: Spot,
  house: { rooms: readonly SightRoom[]; doors: Doors },
): View[] {
  const side = door.placed.find((s) => s.roomId === room.id)!;
  const towards = alongWall(room, side.wall, side.leftM + door.widthM / 2);
  const at: Point = spot === 'middle' ? [room.widthM / 2, room.depthM / 2] : beforeDoor(room, side, door.widthM, VIEW.awayM);
  const seen = seenStanding({ room, at, towards, halfDeg: VIEW.halfDeg }, house.rooms, house.doors).filter(
    (s) => s.leafId === null && s.through[0] === door.id && s.roomId !== room.id,
  );
  const others = [...new Set(seen.map((s) => s.roomId))];
  return others.flatMap((toId): View[] => {
    const here = seen.filter((s) => s.roomId === toId);
    const share = here.reduce((sum, s) => sum + s.deg, 0) / (2 * VIEW.halfDeg);
    if (share < VIEW.leastShare) return [];
    const far = widest(here);
    const id = `${room.id} ${toId}`;
    const { through, wall: farWall, deg, distanceM } = far;
    const farShare = deg / (2 * VIEW.halfDeg);
    return [{ id, fromId: room.id, spot, at, through, nearWall: side.wall, toId, farWall, share, farShare, distanceM }];
  });
}

/**
 * What is seen together in a house: from each room into each other that one sees from its middle or from before a door, the view with most
 * of the other room; the larger first.
 */
export function viewsOf(rooms: readonly SightRoom[], doors: Doors): View[] {
  const best = new Map<string, View>();
  for (const room of rooms)
    for (const door of doors.filter((d) => d.seenThrough && !d.stairs && d.placed.some((s) => s.roomId === room.id)))
      for (const spot of SPOTS)
        for (const view of seenThrough(room, door, spot, { rooms, doors })) {
          const before = best.get(view.id);
          if (!before || view.share > before.share) best.set(view.id, view);
        }
  return [...best.values()].sort((p, q) => q.share - p.share || (p.id < q.id ? -1 : 1));
}
