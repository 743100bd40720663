import { withBay, withWallMoved } from '@/core/room/change-plan';
import { boxPlan } from '@/core/room/plan';
import { paintworkSchema, roomDoorSchema } from '@/core/record/paintwork';
import { room, roomLamp, roomWindow } from '../../../tests/made-up-room';
import { draftOf } from './light-draft';
import { asBox, paintworkAfter, withChangedPlan } from './reshape';

const BOX = boxPlan(5, 4);
const draft = draftOf(
  room({
    widthM: 5,
    depthM: 4,
    windows: [
      roomWindow({ id: 'far', wall: 2, leftM: 1, widthM: 1 }),
      roomWindow({ id: 'front', wall: 0, leftM: null, widthM: 1.4 }),
    ],
    lamps: [roomLamp({ xM: 2, yM: 2 })],
  }),
  'metric',
);
const bay = withBay(BOX, 0, { leftM: 1, widthM: 3, depthM: 0.6 });

test('windows and lamps stand where they stood when a bay is put into a wall; what was not placed is not placed', () => {
  const after = withChangedPlan(draft, BOX, bay, 'metric');
  expect(after.shape!.plan).toHaveLength(8);
  expect(after.windows.map((w) => [w.id, w.wall, w.left])).toEqual([
    ['far', 6, '1'],
    ['front', 2, ''],
  ]);
  const lower = withChangedPlan(draft, BOX, withWallMoved(BOX, 0, 0.5), 'metric');
  expect([lower.lamps[0]!.x, lower.lamps[0]!.y]).toEqual([draft.lamps[0]!.x, '2.5']);
});

test('doors and rails go with their walls; where nothing moves nothing is written', () => {
  const id = '0197f3a0-0000-7000-8000-000000000001';
  const door = roomDoorSchema.parse({ id, wall: 2, leftM: 0.4, widthM: 0.8 });
  const { doors, rails } = paintworkSchema.parse({ doors: [door], rails: [{ wall: 3, heightM: 1 }] });
  const after = paintworkAfter({ doors, rails }, BOX, bay)!;
  expect([after.doors[0]!.wall, after.doors[0]!.leftM]).toEqual([6, 0.4]);
  expect(after.rails).toEqual([{ wall: 7, heightM: 1 }]);
  expect(paintworkAfter({ doors, rails }, BOX, withWallMoved(BOX, 1, 1))).toEqual({
    doors: [{ ...door, leftM: 1.4 }],
    rails: [{ wall: 3, heightM: 1 }],
  });
  expect(paintworkAfter({ doors, rails }, BOX, withWallMoved(BOX, 2, 1))).toBeUndefined();
});

test('as a box again a room is the rectangle around it', () => {
  const shaped = withChangedPlan(draft, BOX, bay, 'metric');
  const box = asBox(shaped, 'metric');
  expect(box.shape).toBeNull();
  expect(box.walls).toEqual(['5', '4.6', '', '']);
  expect(box.windows.map((w) => w.wall)).toEqual([2, 0]);
});
