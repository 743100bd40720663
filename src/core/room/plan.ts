/** A point of a plan, metres: x along wall 0, y into the room. */
export type Point = readonly [x: number, y: number];

/** Corners of a room as its walls are met turning right; wall i runs from corner i to i + 1, left to right seen from inside. */
export type Plan = readonly Point[];

/** What the walls of a room are known by: a plan of its own, or, of a box, its length and depth. */
export type Walled<T = number | null> = {
  readonly widthM: T;
  readonly depthM: T;
  readonly shape?: { readonly plan: Plan } | null | undefined;
};

/** The plan of a box room. */
export const boxPlan = (widthM: number, depthM: number): Plan => [
  [0, 0],
  [widthM, 0],
  [widthM, depthM],
  [0, depthM],
];

/** The plan a room has, with its measures known. */
export const planOf = ({ widthM, depthM, shape }: Walled<number>): Plan => shape?.plan ?? boxPlan(widthM, depthM);

/** The walls of a room, as they are met turning right. */
export const wallsOf = ({ shape }: Pick<Walled, 'shape'>): readonly number[] =>
  shape ? shape.plan.map((_, wall) => wall) : [0, 1, 2, 3];

const ends = (plan: Plan, wall: number): readonly [Point, Point] => [plan[wall]!, plan[(wall + 1) % plan.length]!];

/** A wall's left end, its direction from there, the way into the room from it (length 1 each), and its length. */
export function wallLine(plan: Plan, wall: number) {
  const [[x0, y0], [x1, y1]] = ends(plan, wall);
  const length = Math.hypot(x1 - x0, y1 - y0);
  const along: Point = [(x1 - x0) / length, (y1 - y0) / length];
  const inward: Point = [-along[1], along[0]];
  return { from: [x0, y0] as Point, along, inward, length };
}
/** The point of a wall that lies so far from its left end. */
export function onWall(plan: Plan, wall: number, leftM: number): Point {
  const { from, along } = wallLine(plan, wall);
  return [from[0] + leftM * along[0], from[1] + leftM * along[1]];
}

/** Length of a wall, metres; of a box walls 0 and 2 are as long as the room is wide. Null where that was not measured. */
export function wallLength<T extends number | null>(wall: number, { widthM, depthM, shape }: Walled<T>): T {
  if (!shape) return wall % 2 === 0 ? widthM : depthM;
  return (wall < shape.plan.length ? wallLine(shape.plan, wall).length : 0) as T;
}

/** Area of the floor, m². */
export const floorArea = (plan: Plan): number =>
  Math.abs(
    plan.reduce((sum, [x, y], i) => {
      const [nx, ny] = plan[(i + 1) % plan.length]!;
      return sum + x * ny - nx * y;
    }, 0),
  ) / 2;

/** The length of all walls together. */
export const aroundPlan = (plan: Plan): number => plan.reduce((sum, _, wall) => sum + wallLine(plan, wall).length, 0);

/** Where a plan begins and how far it reaches. */
export function boundsOf(plan: Plan): { readonly from: Point; readonly widthM: number; readonly depthM: number } {
  const [xs, ys] = [plan.map((p) => p[0]), plan.map((p) => p[1])];
  const from: Point = [Math.min(...xs), Math.min(...ys)];
  return { from, widthM: Math.max(...xs) - from[0], depthM: Math.max(...ys) - from[1] };
}

/**
 * The wall one has before one who stands with the back to the middle of a wall, and how far it is: the first that is met straight across.
 */
export function facedWall(plan: Plan, wall: number): number {
  const { inward, length } = wallLine(plan, wall);
  const [ox, oy] = onWall(plan, wall, length / 2);
  let best = { wall, far: Infinity };
  plan.forEach((_, k) => {
    if (k === wall) return;
    const [[ax, ay], [bx, by]] = ends(plan, k);
    const [ex, ey] = [bx - ax, by - ay];
    const across = inward[0] * ey - inward[1] * ex;
    if (Math.abs(across) < 1e-12) return;
    const far = ((ax - ox) * ey - (ay - oy) * ex) / across;
    const at = ((ax - ox) * inward[1] - (ay - oy) * inward[0]) / across;
    if (far > 1e-9 && at >= -1e-9 && at <= 1 + 1e-9 && far < best.far) best = { wall: k, far };
  });
  return best.wall;
}

/** By how many degrees clockwise a wall faces elsewhere than the first, seen from above. */
export function turnOf(plan: Plan, wall: number): number {
  const { along } = wallLine(plan, wall);
  return (Math.atan2(along[1], along[0]) * 180) / Math.PI;
}

/** The side of the rectangle around a plan that a wall faces most, as a box’s walls, and how far along it a point of the wall lies. */
export function boxSide(plan: Plan, wall: number, leftM: number): { readonly wall: 0 | 1 | 2 | 3; readonly leftM: number } {
  const side = (((Math.round(turnOf(plan, wall) / 90) % 4) + 4) % 4) as 0 | 1 | 2 | 3;
  const { from, widthM, depthM } = boundsOf(plan);
  const [x, y] = onWall(plan, wall, leftM);
  const left = [x - from[0], y - from[1], from[0] + widthM - x, from[1] + depthM - y][side]!;
  return { wall: side, leftM: Math.max(0, left) };
}

/** The longest wall of a plan on a side of the rectangle around it; the first where none faces there. */
export const wallOnSide = (plan: Plan, side: number): number =>
  plan.reduce((best, _, wall) => {
    const far = (w: number) => (boxSide(plan, w, 0).wall === side ? wallLine(plan, w).length : 0);
    return far(wall) > far(best) + 1e-9 ? wall : best;
  }, 0);

/** Whether a point lies in a simple polygon; on its edge either may be answered. */
export function inPlan([x, y]: Point, plan: Plan): boolean {
  let inside = false;
  for (let i = 0, j = plan.length - 1; i < plan.length; j = i++) {
    const [[xi, yi], [xj, yj]] = [plan[i]!, plan[j]!];
    if (yi > y !== yj > y && x < ((xj - xi) * (y - yi)) / (yj - yi) + xi) inside = !inside;
  }
  return inside;
}

/** How far a point lies from the nearest wall. */
const fromWalls = (at: Point, plan: Plan): number =>
  plan.reduce((least, _, wall) => {
    const { from, along, length } = wallLine(plan, wall);
    const [dx, dy] = [at[0] - from[0], at[1] - from[1]];
    const s = Math.max(0, Math.min(length, dx * along[0] + dy * along[1]));
    return Math.min(least, Math.hypot(dx - s * along[0], dy - s * along[1]));
  }, Infinity);

const TRIED = 24;
/** A point well inside a plan: of a box its middle; of another the one of a fine grid that lies furthest from all walls. */
export function middleOf(plan: Plan): Point {
  const { from, widthM, depthM } = boundsOf(plan);
  const middle: Point = [from[0] + widthM / 2, from[1] + depthM / 2];
  if (plan.length === 4 && inPlan(middle, plan)) return middle;
  let best = { at: middle, far: -Infinity };
  for (let i = 1; i < TRIED; i++)
    for (let j = 1; j < TRIED; j++) {
      const at: Point = [from[0] + (i / TRIED) * widthM, from[1] + (j / TRIED) * depthM];
      const far = inPlan(at, plan) ? fromWalls(at, plan) : -Infinity;
      if (far > best.far + 1e-9) best = { at, far };
    }
  return best.at;
}
