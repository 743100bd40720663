import { USUAL_DOOR, type DoorStands, type RoomDoor } from '../record/paintwork';
import type { Room } from '../record/room';
import type { Wall } from '../room/facing';

/** A door as one of its two rooms has it. */
export type DoorSide = {
  readonly roomId: string;
  /** As it is recorded in that room; null where only the other room has it. */
  readonly doorId: string | null;
  readonly wall: Wall | null;
  /** From the wall's left end seen from inside, metres. */
  readonly leftM: number | null;
};
/** A door between two rooms of a visit, known to both. */
export type HouseDoor = {
  readonly id: string;
  readonly sides: readonly [DoorSide, DoorSide];
  readonly widthM: number;
  readonly heightM: number;
  readonly stands: DoorStands;
  readonly glazed: boolean;
  readonly stairs: boolean;
};
/** What is said of a room's doors. */
export type RoomWithDoors = Pick<Room, 'id' | 'name' | 'paintwork'>;

const plain = (name: string) =>
  name
    .trim()
    .toLowerCase()
    .replace(/^the\s+/, '');

/** "the sitting room", as a door to it is called. */
export const leadsToRoom = (name: string): string =>
  `the ${/^\p{Lu}\p{Ll}/u.test(name) ? name[0]!.toLowerCase() + name.slice(1) : name}`;

/** The room a door leads to: as it was said, or by its name where only that was written. */
function leadsTo({ toRoomId, leadsTo: words }: RoomDoor, from: string, rooms: readonly RoomWithDoors[]): string | undefined {
  if (toRoomId !== null) return rooms.find((r) => r.id === toRoomId && r.id !== from)?.id;
  const named = words === '' ? [] : rooms.filter((r) => r.id !== from && plain(r.name) === plain(words));
  return named.length === 1 ? named[0]!.id : undefined;
}

type Half = { readonly roomId: string; readonly to: string; readonly door: RoomDoor };

/** The same door from the other room: of the same id, otherwise the next there that leads back. */
function otherHalf({ roomId, to, door }: Half, halves: readonly Half[], taken: ReadonlySet<Half>): Half | undefined {
  const back = halves.filter((h) => h.roomId === to && h.to === roomId && !taken.has(h));
  return (
    back.find((h) => h.door.id === door.id) ??
    back.find((h) => !halves.some((o) => o.roomId === roomId && o.door.id === h.door.id))
  );
}

const sideOf = ({ roomId, door }: Half): DoorSide => ({ roomId, doorId: door.id, wall: door.wall, leftM: door.leftM });

/**
 * The doors between the rooms of a visit, each once, in walking order. What both rooms say of one (how wide it is, how it stands) is taken
 * from the first of them.
 */
export function houseDoors(rooms: readonly RoomWithDoors[]): HouseDoor[] {
  const halves = rooms.flatMap((room) =>
    room.paintwork.doors.flatMap((door): Half[] => {
      const to = leadsTo(door, room.id, rooms);
      return to === undefined || door.outside ? [] : [{ roomId: room.id, to, door }];
    }),
  );
  const taken = new Set<Half>();
  return halves.flatMap((half): HouseDoor[] => {
    if (taken.has(half)) return [];
    taken.add(half);
    const other = otherHalf(half, halves, taken);
    if (other) taken.add(other);
    const { id, widthM, heightM, stands, glazed, stairs } = half.door;
    const there: DoorSide = other ? sideOf(other) : { roomId: half.to, doorId: null, wall: null, leftM: null };
    return [{ id, sides: [sideOf(half), there], widthM, heightM, stands, glazed, stairs }];
  });
}

/** A door that was only said to be there: "the hall leads to the kitchen". */
export const saidDoor = (id: string, roomIds: readonly [string, string]): HouseDoor => ({
  id,
  sides: [
    { roomId: roomIds[0], doorId: null, wall: null, leftM: null },
    { roomId: roomIds[1], doorId: null, wall: null, leftM: null },
  ],
  ...USUAL_DOOR,
  stands: 'open',
  glazed: false,
  stairs: false,
});

/** The doors of a room as they are now. */
export type DoorsWritten = { readonly roomId: string; readonly doors: readonly RoomDoor[] };

const withDoors = (rooms: readonly RoomWithDoors[], roomId: string, doors: readonly RoomDoor[]): RoomWithDoors[] =>
  rooms.map((r) => (r.id === roomId ? { ...r, paintwork: { ...r.paintwork, doors } } : r));

const same = (p: RoomDoor, q: RoomDoor): boolean =>
  (Object.keys(q) as (keyof RoomDoor)[]).every((field) => p[field] === q[field]);

/** One room's doors with a door of the house as it is now. */
function withSide(rooms: readonly RoomWithDoors[], { id, sides, ...door }: HouseDoor, k: 0 | 1): RoomWithDoors[] {
  const [side, other] = [sides[k], sides[k === 0 ? 1 : 0]];
  const [room, there] = [side, other].map((s) => rooms.find((r) => r.id === s.roomId));
  if (!room || !there) return [...rooms];
  const { doors } = room.paintwork;
  const before = doors.find((d) => d.id === side.doorId);
  const said = { wall: side.wall, leftM: side.leftM, toRoomId: there.id, ...door };
  if (before) {
    const now: RoomDoor = { ...before, ...said, leadsTo: before.leadsTo || leadsToRoom(there.name) };
    if (same(before, now)) return [...rooms];
    return withDoors(
      rooms,
      room.id,
      doors.map((d) => (d === before ? now : d)),
    );
  }
  const across = there.paintwork.doors.find((d) => d.id === (other.doorId ?? id));
  const sidesPainted = across?.sides === 'both' ? 'none' : 'one';
  const made: RoomDoor = { id, ...said, leadsTo: leadsToRoom(there.name), sides: sidesPainted, outside: false };
  return withDoors(rooms, room.id, [...doors, made]);
}

const doorsChanged = (before: readonly RoomWithDoors[], after: readonly RoomWithDoors[]): DoorsWritten[] =>
  after.flatMap((room, k) =>
    room.paintwork.doors === before[k]!.paintwork.doors ? [] : [{ roomId: room.id, doors: room.paintwork.doors }],
  );

/** What both rooms have of doors as they are now: each is known to both. Rooms that have it so already are left out. */
export function withHouseDoors(rooms: readonly RoomWithDoors[], doors: readonly HouseDoor[]): DoorsWritten[] {
  const after = doors.reduce<readonly RoomWithDoors[]>((all, door) => withSide(withSide(all, door, 0), door, 1), rooms);
  return doorsChanged(rooms, after);
}

/** The doors of a room as they are now, and what that makes of the same doors in other rooms. */
export function withRoomDoors(rooms: readonly RoomWithDoors[], roomId: string, doors: readonly RoomDoor[]): DoorsWritten[] {
  const here = withDoors(rooms, roomId, doors);
  // what this room says of a door holds: it was said last
  const [first, others] = [here.filter((r) => r.id === roomId), here.filter((r) => r.id !== roomId)];
  // where a room was only named in words, nothing is made known to it
  const said = new Set(doors.flatMap((d) => (d.toRoomId === null ? [] : [d.id])));
  const joining = houseDoors([...first, ...others]).filter((d) => d.sides[0].roomId === roomId && said.has(d.id));
  const after = joining.reduce<readonly RoomWithDoors[]>((all, door) => withSide(all, door, 1), here);
  return doorsChanged(rooms, after);
}

/** The doors of both rooms without a door. */
export function withoutHouseDoor(rooms: readonly RoomWithDoors[], { sides }: HouseDoor): DoorsWritten[] {
  const after = sides.reduce<readonly RoomWithDoors[]>((all, { roomId, doorId }) => {
    const room = all.find((r) => r.id === roomId);
    return room && doorId !== null
      ? withDoors(
          all,
          roomId,
          room.paintwork.doors.filter((d) => d.id !== doorId),
        )
      : all;
  }, rooms);
  return doorsChanged(rooms, after);
}
