import { plainShape } from '../../../tests/made-shapes';
import { storedRoom } from '../../../tests/made-up-room';
import { paintworkSchema, roomDoorSchema } from '../record/paintwork';
import { joinedRooms } from './joined-rooms';

const DOOR = '0197f3a0-0000-7000-8000-0000000000d1';
const [HALL, KITCHEN] = ['0197f3a0-0000-7000-8000-000000000001', '0197f3a0-0000-7000-8000-000000000002'];
const door = (wall: number, toRoomId: string) =>
  roomDoorSchema.parse({ id: DOOR, wall, leftM: 1, widthM: 0.9, toRoomId, stands: 'open' });
const hall = storedRoom({
  id: HALL,
  name: 'Hall',
  bearingDeg: 0,
  widthM: 1.6,
  depthM: 5,
  heightM: 2.5,
  windows: [],
  paintwork: paintworkSchema.parse({ doors: [door(1, KITCHEN)] }),
});
/** An L of six walls: wall 5 is the long one on its left, seen on the plan. */
const kitchen = storedRoom({
  id: KITCHEN,
  name: 'Kitchen',
  bearingDeg: 0,
  widthM: 7,
  depthM: 5,
  heightM: 2.5,
  windows: [],
  shape: plainShape('L'),
  paintwork: paintworkSchema.parse({ doors: [door(5, HALL)] }),
});

test('a room of any plan joins its neighbours as the rectangle around it; what is seen of it names its own walls', () => {
  const { plan, views, doors } = joinedRooms([hall, kitchen]);
  expect(plan.issues).toEqual([]);
  expect(doors[0]!.sides.map((s) => s.wall)).toEqual([1, 5]);
  expect(plan.doors[0]!.placed.map((s) => s.wall)).toEqual([1, 3]);
  const into = views.find((v) => v.toId === KITCHEN)!;
  // the far side is the rectangle's, the wall the longest of the L that faces there
  expect(into.farSide).toBe(1);
  expect(into.farWall).toBe(3);
  expect(views.find((v) => v.fromId === KITCHEN)!.nearWall).toBe(5);
});
