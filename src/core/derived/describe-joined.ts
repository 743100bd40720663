import type { DoorDescription } from '../light/plan/planned-description';
import type { PlannedDescription } from '../light/plan/planned-fields';
import type { SurfaceInput } from '../light/surface';
import type { Room } from '../record/room';
import { describeRoom, plannedDescription, sizeOf, type DescribedRoom, type LitRoom } from './describe-room';
import { houseDoors, type HouseDoor } from './house-doors';
import { openingsOf } from './openings';
import { wallLength } from '../room/plan';

/** So many rooms at most are lit together with the one that borrows. Own choice: what comes from further is little. */
const MOST_BESIDE = 3;

export type RoomBeside = LitRoom & Pick<Room, 'id' | 'name' | 'paintwork'>;
type Borrowing = RoomBeside & Pick<Room, 'borrows'>;

/** A door lets light through that usually stands open or has no leaf, on the same floor, with its place known in a wall of both. */
const letsThrough = ({ stands, stairs, sides }: HouseDoor): boolean =>
  stands !== 'shut' && !stairs && sides.every((s) => s.wall !== null);

/** Where a door lies in its wall: as measured, or where it is drawn. */
function leftIn(room: RoomBeside, side: HouseDoor['sides'][number], widthM: number): number {
  const drawn = openingsOf(room).find((o) => o.kind === 'door' && o.id === side.doorId)?.rect.s0;
  const most = wallLength(side.wall!, sizeOf(room)) - widthM;
  return Math.min(Math.max(0, most), side.leftM ?? drawn ?? most / 2);
}

/** Rooms that a room has light from: those behind its open doors, by the doors. */
export function roomsBeside(
  room: RoomBeside,
  rooms: readonly RoomBeside[],
): readonly { readonly door: HouseDoor; readonly room: RoomBeside }[] {
  return houseDoors(rooms).flatMap((door) => {
    const other = door.sides.find((s) => s.roomId !== room.id);
    const beside = rooms.find((r) => r.id === other?.roomId);
    return door.sides.some((s) => s.roomId === room.id) && beside && letsThrough(door) ? [{ door, room: beside }] : [];
  });
}

/**
 * A recorded room as its light sees it, with what comes through its open doors where that is to count: from the rooms behind them as they
 * are recorded, their walls as they are today.
 *
 * @param rooms of the visit, the room among them
 */
export function describeWithRooms(room: Borrowing, rooms: readonly RoomBeside[], walls?: SurfaceInput): DescribedRoom {
  const own = describeRoom(room, walls);
  if (!room.borrows) return own;
  const through = roomsBeside(room, rooms);
  const beside = [...new Map(through.map((t) => [t.room.id, t.room])).values()].slice(0, MOST_BESIDE);
  if (beside.length === 0) return own;
  const all = [room, ...beside];
  const described: Record<string, PlannedDescription> = Object.fromEntries(
    all.map((r) => [r.id, plannedDescription(r, r === room ? walls : undefined)]),
  );
  const doors = through
    .filter((t) => beside.includes(t.room))
    .map(({ door }): DoorDescription => {
      const [here, there] = door.sides;
      const roomOf = (id: string) => all.find((r) => r.id === id)!;
      const heightM = Math.min(door.heightM, ...door.sides.map((s) => sizeOf(roomOf(s.roomId)).heightM - 0.01));
      return {
        rooms: [here.roomId, there.roomId],
        walls: [here.wall!, there.wall!],
        leftM: [leftIn(roomOf(here.roomId), here, door.widthM), leftIn(roomOf(there.roomId), there, door.widthM)],
        widthM: door.widthM,
        heightM,
      };
    });
  return { assumed: own.assumed, description: { rooms: described, doors } };
}
