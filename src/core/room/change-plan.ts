import { onWall, wallLine, type Plan, type Point } from './plan';

/** A plan that was changed, and by how much its axes moved: wall 0 begins at 0, 0 again. */
export type ChangedPlan = { readonly plan: Plan; readonly shift: Point };

/** Lengths are kept to the millimetre. */
const rounded = (v: number): number => Math.round(v * 1000) / 1000 + 0;

/** A plan with its first corner at 0, 0 and wall 0 along x, and how far what stands in it moves with it. */
export function settledPlan(plan: Plan): ChangedPlan {
  const [[x0, y0]] = plan as readonly [Point, ...Point[]];
  return { plan: plan.map(([x, y]): Point => [rounded(x - x0), rounded(y - y0)]), shift: [rounded(-x0), rounded(-y0)] };
}

/** Where two lines meet that are given by a point and a direction; undefined where they run side by side. */
function meeting(p: Point, d: Point, q: Point, e: Point): Point | undefined {
  const across = d[0] * e[1] - d[1] * e[0];
  if (Math.abs(across) < 1e-9) return undefined;
  const t = ((q[0] - p[0]) * e[1] - (q[1] - p[1]) * e[0]) / across;
  return [p[0] + t * d[0], p[1] + t * d[1]];
}

/**
 * A plan with one wall moved outward (or inward, less than 0) by so many metres, all walls keeping their directions: those beside it grow
 * or shrink.
 */
export function withWallMoved(plan: Plan, wall: number, outM: number): ChangedPlan {
  const n = plan.length;
  const { from, along, inward } = wallLine(plan, wall);
  const start: Point = [from[0] - outM * inward[0], from[1] - outM * inward[1]];
  const [before, after] = [wallLine(plan, (wall + n - 1) % n), wallLine(plan, (wall + 1) % n)];
  const right = plan[(wall + 1) % n]!;
  const moved = (p: Point): Point => [p[0] - outM * inward[0], p[1] - outM * inward[1]];
  const left = meeting(before.from, before.along, start, along) ?? moved(plan[wall]!);
  const end = meeting(after.from, after.along, start, along) ?? moved(right);
  return settledPlan(plan.map((p, k) => (k === wall ? left : k === (wall + 1) % n ? end : p)));
}

/** A plan with one wall so long: the wall right of it is moved along. */
export function withWallLength(plan: Plan, wall: number, lengthM: number): ChangedPlan {
  const { along, length } = wallLine(plan, wall);
  const next = (wall + 1) % plan.length;
  const { inward } = wallLine(plan, next);
  // outward of the next wall, as far as it lies along this one
  const share = -(along[0] * inward[0] + along[1] * inward[1]);
  return Math.abs(share) < 1e-9 ? { plan, shift: [0, 0] } : withWallMoved(plan, next, (lengthM - length) * share);
}

type Piece = { readonly leftM: number; readonly widthM: number; readonly depthM: number };
/** Corners put into a wall in their order from its left, each by its place along it and how far out. */
function withCorners(plan: Plan, wall: number, corners: readonly (readonly [leftM: number, outM: number])[]): ChangedPlan {
  const { inward } = wallLine(plan, wall);
  const added = corners.map(([leftM, outM]): Point => {
    const [x, y] = onWall(plan, wall, leftM);
    return [x - outM * inward[0], y - outM * inward[1]];
  });
  return settledPlan([...plan.slice(0, wall + 1), ...added, ...plan.slice(wall + 1)]);
}

/** A bay: panes at 45° on both sides of a straight one, as deep as it is said. */
export const withBay = (plan: Plan, wall: number, { leftM, widthM, depthM }: Piece): ChangedPlan =>
  withCorners(plan, wall, [
    [leftM, 0],
    [leftM + depthM, depthM],
    [leftM + widthM - depthM, depthM],
    [leftM + widthM, 0],
  ]);

/** An alcove with straight sides; with a depth of less than 0 a chimney breast, or whatever else stands into the room. */
export const withAlcove = (plan: Plan, wall: number, { leftM, widthM, depthM }: Piece): ChangedPlan =>
  withCorners(plan, wall, [
    [leftM, 0],
    [leftM, depthM],
    [leftM + widthM, depthM],
    [leftM + widthM, 0],
  ]);

/** A room of which the corner between a wall and the next is cut out: an L. The cut runs so far along each. */
export function withCornerCut(plan: Plan, wall: number, alongM: number, nextM: number): ChangedPlan {
  const n = plan.length;
  const next = (wall + 1) % n;
  const here = wallLine(plan, wall);
  const first = onWall(plan, wall, here.length - alongM);
  const last = onWall(plan, next, nextM);
  const { along } = wallLine(plan, next);
  const inner: Point = [first[0] + along[0] * nextM, first[1] + along[1] * nextM];
  const corners = plan.flatMap((p, k): Point[] => (k === next ? [first, inner, last] : [p]));
  // where the first corner was cut the plan begins at what is left of wall 0
  return settledPlan(next === 0 ? [...corners.slice(2), ...corners.slice(0, 2)] : corners);
}

/** A plan without the corner at the right end of a wall: the wall runs on to the next. */
export const withoutCorner = (plan: Plan, wall: number): ChangedPlan | undefined => {
  const gone = (wall + 1) % plan.length;
  if (plan.length <= 3) return undefined;
  const kept = plan.filter((_, k) => k !== gone);
  const settled = settledPlan(kept);
  const [x, y] = settled.plan[1]!;
  if (Math.abs(y) < 1e-9 && x > 0) return settled;
  // wall 0 runs along x again
  const angle = -Math.atan2(y, x);
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  return settledPlan(settled.plan.map(([px, py]): Point => [c * px - s * py, s * px + c * py]));
};

/** So far from a wall something still stands in it, metres. */
const NEAR_M = 0.3;

/** Where something of a wall stands in a plan that was changed: in the wall nearest to its middle, of those that face as it did, if any. */
export function placedAgain(
  before: Plan,
  { plan, shift }: ChangedPlan,
  { wall, leftM, widthM }: { readonly wall: number; readonly leftM: number; readonly widthM: number },
): { readonly wall: number; readonly leftM: number } {
  const old = wallLine(before, wall);
  const [x, y] = onWall(before, wall, leftM + widthM / 2);
  const at: Point = [x + shift[0], y + shift[1]];
  let best = { wall: 0, leftM: 0, off: Infinity };
  plan.forEach((_, k) => {
    const { from, along, inward, length } = wallLine(plan, k);
    const [dx, dy] = [at[0] - from[0], at[1] - from[1]];
    const s = dx * along[0] + dy * along[1];
    const beside = Math.max(0, -s, s - length);
    const turned = along[0] * old.along[0] + along[1] * old.along[1] > 0.99 ? 0 : NEAR_M;
    const off = Math.hypot(beside, dx * inward[0] + dy * inward[1]) + turned;
    if (off < best.off - 1e-9) best = { wall: k, leftM: Math.max(0, Math.min(length - widthM, s - widthM / 2)), off };
  });
  return { wall: best.wall, leftM: rounded(Math.max(0, best.leftM)) };
}
