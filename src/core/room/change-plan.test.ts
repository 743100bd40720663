import {
  placedAgain,
  settledPlan,
  withAlcove,
  withBay,
  withCornerCut,
  withoutCorner,
  withWallLength,
  withWallMoved,
} from './change-plan';
import { boxPlan, floorArea, wallLine, type Plan } from './plan';

const BOX = boxPlan(5, 4);
const lengths = (plan: Plan) => plan.map((_, wall) => Number(wallLine(plan, wall).length.toFixed(3)));

test('a wall that is moved takes its neighbours along, and the plan begins at 0, 0 again', () => {
  expect(withWallMoved(BOX, 1, 0.5).plan).toEqual(boxPlan(5.5, 4));
  const out = withWallMoved(BOX, 0, 0.5);
  expect(out.plan).toEqual(boxPlan(5, 4.5));
  expect(out.shift).toEqual([0, 0.5]);
  const left = withWallMoved(BOX, 3, 1);
  expect(left.plan).toEqual(boxPlan(6, 4));
  expect(left.shift).toEqual([1, 0]);
  expect(withWallLength(BOX, 0, 7).plan).toEqual(boxPlan(7, 4));
  expect(withWallLength(BOX, 3, 3).plan).toEqual(boxPlan(5, 3));
});

test('an L is a box with a corner cut out; every corner can be cut', () => {
  const { plan } = withCornerCut(BOX, 1, 1.5, 2);
  expect(lengths(plan)).toEqual([5, 2.5, 2, 1.5, 3, 4]);
  expect(floorArea(plan)).toBeCloseTo(20 - 3, 9);
  for (const wall of [0, 1, 2, 3]) {
    const cut = withCornerCut(BOX, wall, 1, 2);
    expect(floorArea(cut.plan)).toBeCloseTo(18, 9);
    expect(cut.plan[0]).toEqual([0, 0]);
    expect(cut.plan[1]![1]).toBe(0);
  }
});

test('a bay has panes at 45°, an alcove straight sides, a breast stands into the room', () => {
  const bay = withBay(BOX, 0, { leftM: 1, widthM: 3, depthM: 0.6 });
  expect(lengths(bay.plan)).toEqual([1, 0.849, 1.8, 0.849, 1, 4, 5, 4]);
  expect(floorArea(bay.plan)).toBeCloseTo(20 + 0.6 * 2.4, 6);
  const alcove = withAlcove(BOX, 2, { leftM: 0.5, widthM: 1.2, depthM: 0.4 });
  expect(floorArea(alcove.plan)).toBeCloseTo(20 + 0.48, 9);
  expect(floorArea(withAlcove(BOX, 2, { leftM: 0.5, widthM: 1.2, depthM: -0.4 }).plan)).toBeCloseTo(20 - 0.48, 9);
});

test('a corner that is taken out makes the box again', () => {
  const { plan } = withCornerCut(BOX, 1, 1.5, 2);
  const less = withoutCorner(plan, 2)!;
  expect(less.plan).toHaveLength(5);
  expect(less.plan[0]).toEqual([0, 0]);
  expect(less.plan[1]![1]).toBeCloseTo(0, 9);
  expect(
    withoutCorner(
      [
        [0, 0],
        [1, 0],
        [0, 1],
      ],
      0,
    ),
  ).toBeUndefined();
});

test('what stands in a wall stands where it stood, whatever the wall is called now', () => {
  const bay = withBay(BOX, 0, { leftM: 1, widthM: 3, depthM: 0.6 });
  // a window of the far wall: that is wall 6 now
  expect(placedAgain(BOX, bay, { wall: 2, leftM: 1, widthM: 1 })).toEqual({ wall: 6, leftM: 1 });
  // one in the middle of the wall with the bay: in its front pane
  expect(placedAgain(BOX, bay, { wall: 0, leftM: 2, widthM: 1 }).wall).toBe(2);
  const moved = withWallMoved(BOX, 3, 1);
  expect(placedAgain(BOX, moved, { wall: 0, leftM: 2, widthM: 1 })).toEqual({ wall: 0, leftM: 3 });
});

test('lengths are whole millimetres', () => {
  const { plan } = settledPlan([
    [0.1 + 0.2, 0],
    [3.0004, 0],
    [3, 2],
  ]);
  expect(plan).toEqual([
    [0, 0],
    [2.7, 0],
    [2.7, 2],
  ]);
});
