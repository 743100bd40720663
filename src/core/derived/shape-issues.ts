import { boundsOf, inPlan, wallLine, type Plan } from '../room/plan';
import { crossingWalls } from '../light/plan/plan-problems';
import type { RoomShape } from '../record/shape';
import type { FieldIssue } from './field-issue';

const m = (metres: number) => `${metres.toFixed(2)} m`;
const SLACK_M = 0.005;
/** A slope that begins lower leaves no wall to judge at; a pitch of less is a flat ceiling. Own choices. */
const LEAST_UNDER_SLOPE_M = 1;

type Shaped = { readonly shape: RoomShape | null; readonly heightM: number | null };
const at = (message: string, ...path: readonly (string | number)[]): FieldIssue => ({ path: ['shape', ...path], message });

function planIssues(plan: Plan): FieldIssue[] {
  const short = plan.flatMap((_, k) =>
    wallLine(plan, k).length < 0.05 ? [at(`Wall ${k + 1} is shorter than 5 cm.`, 'plan', k)] : [],
  );
  if (short.length > 0) return short;
  const crossing = crossingWalls(plan);
  if (crossing) return [at(`Walls ${crossing[0] + 1} and ${crossing[1] + 1} cross each other.`, 'plan', crossing[0])];
  const turned = plan.reduce((sum, [x, y], i) => {
    const [nx, ny] = plan[(i + 1) % plan.length]!;
    return sum + x * ny - nx * y;
  }, 0);
  return turned <= 0 ? [at('The walls run the wrong way round: they are met turning right.', 'plan', 0)] : [];
}

/** How far up along itself a slope goes: to the ceiling, or to the far side of the room. */
function reachOf(plan: Plan, { wall, kneeM, pitchDeg }: RoomShape['slopes'][number], heightM: number | null): number {
  const { from, inward } = wallLine(plan, wall);
  const pitch = (pitchDeg * Math.PI) / 180;
  const deep = Math.max(...plan.map(([x, y]) => (x - from[0]) * inward[0] + (y - from[1]) * inward[1]));
  const across = deep / Math.cos(pitch);
  return heightM === null ? across : Math.min(across, (heightM - kneeM) / Math.sin(pitch));
}

function slopeIssues({ plan, slopes }: RoomShape, heightM: number | null): FieldIssue[] {
  return slopes.flatMap(({ wall, kneeM, pitchDeg }, k): FieldIssue[] => {
    if (wall >= plan.length) return [at('It begins at a wall that is not there any more.', 'slopes', k, 'wall')];
    if (heightM !== null && kneeM >= heightM) return [at(`It begins under the ceiling at ${m(heightM)}.`, 'slopes', k, 'kneeM')];
    const { from, inward } = wallLine(plan, wall);
    const highest = Math.max(
      ...plan.map(
        ([x, y]) => kneeM + ((x - from[0]) * inward[0] + (y - from[1]) * inward[1]) * Math.tan((pitchDeg * Math.PI) / 180),
      ),
    );
    return highest < LEAST_UNDER_SLOPE_M ? [at('Nobody could stand under it: it stays below 1 m.', 'slopes', k, 'kneeM')] : [];
  });
}

function roofIssues({ plan, slopes, roofWindows }: RoomShape, heightM: number | null): FieldIssue[] {
  return roofWindows.flatMap((w, k): FieldIssue[] => {
    if (w.slope === null) {
      const corners = [0, 1].flatMap((i) => [0, 1].map((j) => [w.leftM + i * w.widthM, w.upM + j * w.heightM] as const));
      return corners.every((c) => inPlan(c, plan) || nearPlan(c, plan))
        ? []
        : [at('It reaches beyond the ceiling.', 'roofWindows', k, 'leftM')];
    }
    const slope = slopes[w.slope];
    if (!slope || slope.wall >= plan.length)
      return [at('It lies in a slope that is not there any more.', 'roofWindows', k, 'slope')];
    const { length } = wallLine(plan, slope.wall);
    if (w.leftM < 0 || w.leftM + w.widthM > length + SLACK_M)
      return [at(`So far from the left it reaches beyond its slope of ${m(length)}.`, 'roofWindows', k, 'leftM')];
    const reach = reachOf(plan, slope, heightM);
    return w.upM < 0 || w.upM + w.heightM > reach + SLACK_M
      ? [at(`It reaches beyond its slope, ${m(reach)} up along it.`, 'roofWindows', k, 'upM')]
      : [];
  });
}
const nearPlan = ([x, y]: readonly [number, number], plan: Plan): boolean =>
  plan.some((_, wall) => {
    const { from, along, inward, length } = wallLine(plan, wall);
    const [dx, dy] = [x - from[0], y - from[1]];
    const s = dx * along[0] + dy * along[1];
    return s >= -SLACK_M && s <= length + SLACK_M && Math.abs(dx * inward[0] + dy * inward[1]) <= SLACK_M;
  });

function boxIssues({ plan, boxes }: RoomShape, heightM: number | null): FieldIssue[] {
  return boxes.flatMap(({ name, xM, yM, widthM, depthM, heightM: high }, k): FieldIssue[] => {
    if (!inPlan([xM + widthM / 2, yM + depthM / 2], plan)) return [at(`${name} stands outside the room.`, 'boxes', k, 'xM')];
    return heightM !== null && high > heightM + SLACK_M
      ? [at(`${name} is higher than the room of ${m(heightM)}.`, 'boxes', k, 'heightM')]
      : [];
  });
}

/** What of the shape of a room cannot be, each at its place; of a box nothing. */
export function shapeIssues({ shape, heightM }: Shaped): FieldIssue[] {
  if (!shape) return [];
  const wrong = planIssues(shape.plan);
  if (wrong.length > 0) return wrong;
  const [x0, y0] = shape.plan[0]!;
  const [, y1] = shape.plan[1]!;
  if (Math.hypot(x0, y0) > SLACK_M || Math.abs(y1) > SLACK_M)
    return [at('Wall 1 begins at 0, 0 and runs to the right.', 'plan', 0)];
  return [...slopeIssues(shape, heightM), ...roofIssues(shape, heightM), ...boxIssues(shape, heightM)];
}

/** The length and depth of the rectangle around a shape, to be kept with it. */
export const aroundShape = ({ plan }: Pick<RoomShape, 'plan'>): { readonly widthM: number; readonly depthM: number } => {
  const { widthM, depthM } = boundsOf(plan);
  return { widthM, depthM };
};
