import {
  aroundPlan,
  boundsOf,
  boxPlan,
  boxSide,
  facedWall,
  floorArea,
  onWall,
  turnOf,
  wallLength,
  wallsOf,
  type Plan,
} from './plan';

/** An L: six walls, the arm to the right of where one looks in from wall 0. */
const L: Plan = [
  [0, 0],
  [6, 0],
  [6, 3],
  [3.6, 3],
  [3.6, 5],
  [0, 5],
];

test('a box is the plan it always was', () => {
  const box = { widthM: 4, depthM: 3, shape: null };
  expect(wallsOf(box)).toEqual([0, 1, 2, 3]);
  expect([0, 1, 2, 3].map((wall) => wallLength(wall, box))).toEqual([4, 3, 4, 3]);
  expect(floorArea(boxPlan(4, 3))).toBe(12);
  expect(aroundPlan(boxPlan(4, 3))).toBe(14);
  expect([0, 1, 2, 3].map((wall) => facedWall(boxPlan(4, 3), wall))).toEqual([2, 3, 0, 1]);
  expect([0, 1, 2, 3].map((wall) => Math.round(turnOf(boxPlan(4, 3), wall)))).toEqual([0, 90, 180, -90]);
  expect(wallLength(2, { widthM: null, depthM: 3, shape: null })).toBeNull();
});

test('an L has six walls, their lengths, its floor, and what each faces', () => {
  const room = { widthM: 6, depthM: 5, shape: { plan: L } };
  expect(wallsOf(room)).toHaveLength(6);
  expect(wallsOf(room).map((wall) => wallLength(wall, room))).toEqual([6, 3, 2.4, 2, 3.6, 5]);
  expect(floorArea(L)).toBeCloseTo(6 * 3 + 3.6 * 2, 9);
  expect(aroundPlan(L)).toBeCloseTo(22, 9);
  // from the middle of wall 0, at x = 3, one looks at the far wall of the long part
  expect(facedWall(L, 0)).toBe(4);
  expect(facedWall(L, 2)).toBe(0);
  expect(facedWall(L, 3)).toBe(5);
  expect(boundsOf(L)).toEqual({ from: [0, 0], widthM: 6, depthM: 5 });
  expect(onWall(L, 2, 0.4)).toEqual([5.6, 3]);
});

test('a wall of an L lies on the side of the rectangle around it that it faces', () => {
  expect(boxSide(L, 2, 0.4)).toEqual({ wall: 2, leftM: expect.closeTo(0.4, 9) });
  expect(boxSide(L, 3, 0)).toEqual({ wall: 1, leftM: 3 });
  expect(boxSide(L, 5, 1)).toEqual({ wall: 3, leftM: 1 });
});
