import { roomDoorSchema, paintworkSchema } from '../record/paintwork';
import { isJoined } from '../light/any-room';
import { storedRoom, roomWindow } from '../../../tests/made-up-room';
import { describeRoom } from './describe-room';
import { describeWithRooms, roomsBeside } from './describe-joined';

const DOOR = '0197f3a0-0000-7000-8000-0000000000d1';
const door = (wall: number, toRoomId: string, more = {}) =>
  roomDoorSchema.parse({ id: DOOR, wall, leftM: 0.4, widthM: 0.9, heightM: 2, toRoomId, stands: 'open', ...more });
const hall = storedRoom({
  id: '0197f3a0-0000-7000-8000-000000000001',
  name: 'Hall',
  widthM: 1.2,
  depthM: 4,
  heightM: 2.5,
  windows: [],
  borrows: true,
  paintwork: paintworkSchema.parse({ doors: [door(1, '0197f3a0-0000-7000-8000-000000000002')] }),
});
const den = storedRoom({
  id: '0197f3a0-0000-7000-8000-000000000002',
  name: 'Den',
  widthM: 4,
  depthM: 3,
  heightM: 2.5,
  windows: [roomWindow({ wall: 1 })],
  paintwork: paintworkSchema.parse({ doors: [door(3, hall.id)] }),
});

test('a hall that borrows is described with the room behind its open door; one that does not, alone', () => {
  const { description } = describeWithRooms(hall, [hall, den]);
  if (!isJoined(description)) throw new Error('alone');
  expect(Object.keys(description.rooms)).toEqual([hall.id, den.id]);
  expect(description.doors).toEqual([{ rooms: [hall.id, den.id], walls: [1, 3], leftM: [0.4, 0.4], widthM: 0.9, heightM: 2 }]);
  expect(describeWithRooms({ ...hall, borrows: false }, [hall, den])).toEqual(describeRoom(hall));
});

test.each([
  ['shut', { stands: 'shut' }],
  ['to the stairs', { stairs: true }],
  ['in no wall', { wall: null }],
])('a door that is %s lets nothing through', (_, more) => {
  const other = { ...hall, paintwork: paintworkSchema.parse({ doors: [door(1, den.id, more)] }) };
  expect(roomsBeside(other, [other, den])).toEqual([]);
  expect(describeWithRooms(other, [other, den])).toEqual(describeRoom(other));
});
