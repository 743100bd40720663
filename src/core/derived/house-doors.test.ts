import { storedRoom } from '../../../tests/made-up-room';
import { all } from '../../../tests/all';
import { paintworkSchema, roomDoorSchema, type RoomDoor } from '../record/paintwork';
import type { Room } from '../record/room';
import {
  houseDoors,
  leadsToRoom,
  saidDoor,
  withHouseDoors,
  withoutHouseDoor,
  withRoomDoors,
  type DoorsWritten,
} from './house-doors';

const id = (k: number) => `01a217f3-80e9-7106-930d-00000000000${k}`;
const door = (k: number, more: Partial<RoomDoor> = {}): RoomDoor => roomDoorSchema.parse({ id: id(k), wall: 1, ...more });
const roomWith = (k: number, name: string, doors: readonly RoomDoor[] = []): Room =>
  storedRoom({ id: id(k), name, paintwork: { ...paintworkSchema.parse({}), doors } });
const after = (rooms: readonly Room[], written: readonly DoorsWritten[]): Room[] =>
  rooms.map((r) => {
    const now = written.find((w) => w.roomId === r.id);
    return now ? { ...r, paintwork: { ...r.paintwork, doors: now.doors } } : r;
  });

describe('a door between two rooms is known to both', () => {
  test('recorded in one room, the other has it without a place', () => {
    const rooms = [roomWith(1, 'Hall', [door(5, { toRoomId: id(2), leftM: 1.2 })]), roomWith(2, 'Kitchen')];
    expect(houseDoors(rooms)).toEqual([
      {
        id: id(5),
        sides: [
          { roomId: id(1), doorId: id(5), wall: 1, leftM: 1.2 },
          { roomId: id(2), doorId: null, wall: null, leftM: null },
        ],
        widthM: 0.84,
        heightM: 2.04,
        stands: 'open',
        glazed: false,
        stairs: false,
      },
    ]);
  });

  test('rows of before, which named the room in words from both sides, are one door; a name of no room leads nowhere', () => {
    const rooms = [
      roomWith(1, 'Hall', [door(5, { leadsTo: 'the sitting room' }), door(6, { leadsTo: 'the cellar' })]),
      roomWith(2, 'Sitting room', [door(7, { leadsTo: 'the hall', wall: 3 })]),
    ];
    const found = houseDoors(rooms);
    expect(found).toHaveLength(1);
    expect(found[0]!.sides.map((s) => [s.doorId, s.wall])).toEqual([
      [id(5), 1],
      [id(7), 3],
    ]);
  });

  test('two doors between the same rooms stay two, in their order', () => {
    const rooms = [
      roomWith(1, 'Hall', [door(5, { toRoomId: id(2) }), door(6, { toRoomId: id(2) })]),
      roomWith(2, 'Kitchen', [door(6, { toRoomId: id(1), wall: 0 }), door(8, { toRoomId: id(1), wall: 2 })]),
    ];
    expect(houseDoors(rooms).map((d) => d.sides.map((s) => s.doorId))).toEqual([
      [id(5), id(8)],
      [id(6), id(6)],
    ]);
  });

  test('the front door and a door to a room that is gone join nothing', () => {
    const doors = [door(5, { outside: true, toRoomId: id(2) }), door(6, { toRoomId: id(9) }), door(7, { toRoomId: id(1) })];
    expect(houseDoors([roomWith(1, 'Hall', doors), roomWith(2, 'Kitchen')])).toEqual([]);
  });

  test('said to be there, it is written into both rooms under one id, and taken out of both', () => {
    const rooms = [roomWith(1, 'Hall', [door(6)]), roomWith(2, 'Kitchen')];
    const written = withHouseDoors(rooms, [saidDoor(id(5), [id(1), id(2)])]);
    const now = after(rooms, written);
    expect(now.map((r) => r.paintwork.doors.map((d) => [d.id, d.wall, d.toRoomId, d.leadsTo]))).toEqual([
      [
        [id(6), 1, null, ''],
        [id(5), null, id(2), 'the kitchen'],
      ],
      [[id(5), null, id(1), 'the hall']],
    ]);
    expect(all(written, (w) => paintworkSchema.safeParse({ doors: w.doors }).success)).toBe(true);
    const gone = after(now, withoutHouseDoor(now, houseDoors(now)[0]!));
    expect(gone.map((r) => r.paintwork.doors.length)).toEqual([1, 0]);
  });

  test('what one room says of its width, or how it stands, the other has too; its place on its own wall stays', () => {
    const rooms = [
      roomWith(1, 'Hall', [door(5, { toRoomId: id(2) })]),
      roomWith(2, 'Kitchen', [door(5, { toRoomId: id(1), wall: 3, leftM: 2, leadsTo: 'the hall' })]),
    ];
    const wider = [{ ...rooms[1]!.paintwork.doors[0]!, widthM: 1.6, stands: 'opening' as const }];
    const [hall, kitchen] = after(rooms, withRoomDoors(rooms, id(2), wider));
    expect(hall!.paintwork.doors[0]).toMatchObject({ wall: 1, widthM: 1.6, stands: 'opening' });
    expect(kitchen!.paintwork.doors[0]).toMatchObject({ wall: 3, leftM: 2, widthM: 1.6 });
    expect(withRoomDoors(after(rooms, withRoomDoors(rooms, id(2), wider)), id(2), wider)).toEqual([]);
  });

  test('where a room was only named in words, nothing is written into it', () => {
    const rooms = [roomWith(1, 'Hall', [door(5, { leadsTo: 'the kitchen' })]), roomWith(2, 'Kitchen')];
    const written = withRoomDoors(rooms, id(1), [{ ...rooms[0]!.paintwork.doors[0]!, widthM: 1 }]);
    expect(written.map((w) => w.roomId)).toEqual([id(1)]);
  });

  test('a leaf that is painted on both sides from one room is not painted again from the other', () => {
    const rooms = [roomWith(1, 'Hall', [door(5, { sides: 'both' })]), roomWith(2, 'Kitchen')];
    const joined = [{ ...rooms[0]!.paintwork.doors[0]!, toRoomId: id(2) }];
    const [, kitchen] = after(rooms, withRoomDoors(rooms, id(1), joined));
    expect(kitchen!.paintwork.doors[0]).toMatchObject({ id: id(5), sides: 'none' });
  });
});

test('rooms are named as one leads to them', () => {
  expect(['Sitting room', 'TV room', 'hall'].map(leadsToRoom)).toEqual(['the sitting room', 'the TV room', 'the hall']);
});
