import { sizeOf } from '@/core/derived/describe-room';
import { paintworkSchema } from '@/core/record/paintwork';
import { plainShape } from '../../../../tests/made-shapes';
import { room } from '../../../../tests/made-up-room';
import { aheadOf, canStand, movedTo, standAt, stepped, turned } from './stand';

const DOOR = '0197f3a0-0000-7000-8000-0000000000d1';
const made = room({
  widthM: 4,
  depthM: 5,
  heightM: 2.6,
  windows: [],
  paintwork: paintworkSchema.parse({ doors: [{ id: DOOR, wall: 2, leftM: 1, widthM: 0.8, heightM: 2 }] }),
});
const size = sizeOf(made);

test('one stands in the middle, with the back to a wall, or in a door, and looks into the room', () => {
  expect(standAt('middle', made, size)).toMatchObject({ x: 2, y: 2.5, turnDeg: 0, eyeM: 1.6 });
  expect(standAt('wall-0', made, size)).toMatchObject({ x: 2, y: 0.5, turnDeg: 180 });
  const door = standAt(`door-${DOOR}`, made, size);
  // wall 2 runs from x = 4: the door's middle is 1.4 m from there
  expect(door.x).toBeCloseTo(2.6, 9);
  expect(door.y).toBeCloseTo(4.7, 9);
  expect(door.turnDeg).toBeCloseTo(0, 9);
  expect(standAt('door-gone', made, size)).toEqual(standAt('middle', made, size));
});

test('a step goes ahead or back, and into no wall and no box', () => {
  const middle = standAt('middle', made, size);
  expect(stepped(middle, 1, size)).toMatchObject({ x: 2, y: 1.5 });
  expect(stepped(middle, -1, size)).toMatchObject({ y: 3.5 });
  expect(stepped(middle, 2.45, size)).toBe(middle);
  const l = sizeOf(room({ widthM: 7, depthM: 5, shape: plainShape('L'), windows: [] }));
  expect(canStand([6, 1], l)).toBe(true);
  expect(canStand([6, 4], l)).toBe(false);
  const boxed = {
    ...l,
    shape: { ...l.shape!, boxes: [{ id: DOOR, name: 'Island', xM: 1, yM: 1, widthM: 1, depthM: 1, heightM: 0.9, colour: null }] },
  };
  expect(canStand([1.5, 1.5], boxed)).toBe(false);
  expect(movedTo(middle, [9, 9], size)).toBe(middle);
});

test('one turns all the way round, and looks up only so far', () => {
  const middle = standAt('middle', made, size);
  expect(turned(middle, -10).turnDeg).toBe(350);
  expect(turned(middle, 0, 500).upDeg).toBe(75);
  const [dx, dy] = aheadOf({ turnDeg: 90 });
  expect(dx).toBeCloseTo(1, 12);
  expect(dy).toBeCloseTo(0, 12);
});
