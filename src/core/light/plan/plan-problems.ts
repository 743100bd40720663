import type { PlannedDescription } from './planned-fields';
import { ceilingParts } from './patches';
import { inPolygon, type Point } from './planned-room';

/** What cannot be of a plan, and where in its description it stands. */
export type PlanProblem = { readonly path: readonly (string | number)[]; readonly says: string };

/** A wall shorter than this is a slip of the hand, metres. */
const LEAST_WALL_M = 0.05;
const SLACK_M = 1e-6;

const ends = (plan: readonly Point[], k: number): readonly [Point, Point] => [plan[k]!, plan[(k + 1) % plan.length]!];
const lengthOf = ([[x0, y0], [x1, y1]]: readonly [Point, Point]): number => Math.hypot(x1 - x0, y1 - y0);
const turn = (o: Point, d: Point, x: Point): number => (d[0] - o[0]) * (x[1] - o[1]) - (d[1] - o[1]) * (x[0] - o[0]);

/** Whether two walls that are no neighbours meet. */
function meet([a, b]: readonly [Point, Point], [c, d]: readonly [Point, Point]): boolean {
  const [p, q, r, s] = [turn(a, b, c), turn(a, b, d), turn(c, d, a), turn(c, d, b)];
  return p * q <= 0 && r * s <= 0 && (p !== 0 || q !== 0 || r !== 0 || s !== 0);
}

/** The first two walls that are no neighbours and meet; undefined where none do. */
export function crossingWalls(plan: readonly Point[]): readonly [number, number] | undefined {
  const n = plan.length;
  for (let i = 0; i < n; i++)
    for (let j = i + 2; j < n; j++) if ((j + 1) % n !== i && meet(ends(plan, i), ends(plan, j))) return [i, j];
  return undefined;
}

function problemOfPlan(plan: readonly Point[]): PlanProblem | undefined {
  const n = plan.length;
  for (let k = 0; k < n; k++)
    if (lengthOf(ends(plan, k)) < LEAST_WALL_M) return { path: ['plan', k], says: `Wall ${k} is shorter than 5 cm.` };
  const crossing = crossingWalls(plan);
  if (crossing) return { path: ['plan', crossing[0]], says: `Walls ${crossing[0]} and ${crossing[1]} cross each other.` };
  const area = plan.reduce((sum, [x, y], i) => {
    const [nx, ny] = plan[(i + 1) % n]!;
    return sum + x * ny - nx * y;
  }, 0);
  if (area <= 0) return { path: ['plan'], says: 'The walls run the wrong way round: they are met turning right.' };
  const [[x0, y0], [, y1]] = ends(plan, 0);
  if (Math.abs(x0) > SLACK_M || Math.abs(y0) > SLACK_M || Math.abs(y1) > SLACK_M)
    return { path: ['plan', 0], says: 'Wall 0 begins at 0, 0 and runs along x.' };
  return undefined;
}

function problemOfWindows({ plan, windows, heightM }: PlannedDescription): PlanProblem | undefined {
  for (const [w, { wall, leftM, widthM, sillM, heightM: high }] of windows.entries()) {
    if (wall >= plan.length) return { path: ['windows', w, 'wall'], says: `There is no wall ${wall}.` };
    if (leftM + widthM > lengthOf(ends(plan, wall)) + SLACK_M)
      return { path: ['windows', w], says: `The window reaches around the corner of wall ${wall}.` };
    if (sillM + high > heightM + SLACK_M) return { path: ['windows', w], says: 'The window is higher than the room.' };
    const other = windows.findIndex(
      (o, k) =>
        k < w &&
        o.wall === wall &&
        o.leftM < leftM + widthM - SLACK_M &&
        leftM < o.leftM + o.widthM - SLACK_M &&
        o.sillM < sillM + high - SLACK_M &&
        sillM < o.sillM + o.heightM - SLACK_M,
    );
    if (other >= 0) return { path: ['windows', w], says: `Windows ${other} and ${w} lie over each other.` };
  }
  return undefined;
}

function problemOfRoof({ plan, slopes, roofWindows, heightM }: PlannedDescription): PlanProblem | undefined {
  for (const [k, { wall, kneeM }] of slopes.entries()) {
    if (wall >= plan.length) return { path: ['slopes', k, 'wall'], says: `There is no wall ${wall}.` };
    if (kneeM >= heightM) return { path: ['slopes', k, 'kneeM'], says: 'A slope begins under the flat ceiling.' };
  }
  const overhead = ceilingParts({ plan, heightM, slopes });
  for (const [k, window] of roofWindows.entries()) {
    if ('slope' in window && window.slope >= slopes.length)
      return { path: ['roofWindows', k, 'slope'], says: `There is no slope ${window.slope}.` };
    const lies = 'slope' in window ? window.slope : null;
    if (!overhead.some((part) => part.slope === lies))
      return {
        path: ['roofWindows', k],
        says: lies === null ? 'No part of the ceiling is flat.' : `Slope ${lies} is nowhere the lowest.`,
      };
    if ('ceiling' in window && !inPolygon([window.atM[0] + window.widthM / 2, window.atM[1] + window.depthM / 2], plan))
      return { path: ['roofWindows', k, 'atM'], says: 'The roof window lies outside the plan.' };
  }
  return undefined;
}

function problemOfWhatStands({ plan, boxes, lamps, surfaces, heightM }: PlannedDescription): PlanProblem | undefined {
  if (Array.isArray(surfaces.walls) && surfaces.walls.length !== plan.length)
    return {
      path: ['surfaces', 'walls'],
      says: `There are ${plan.length} walls, and ${surfaces.walls.length} surfaces for them.`,
    };
  for (const [k, { atM, widthM, depthM, heightM: high }] of boxes.entries()) {
    if (!inPolygon([atM[0] + widthM / 2, atM[1] + depthM / 2], plan))
      return { path: ['boxes', k, 'atM'], says: 'The box stands outside the room.' };
    if (high > heightM + SLACK_M) return { path: ['boxes', k, 'heightM'], says: 'The box is higher than the room.' };
  }
  const out = lamps.findIndex(({ xM, yM }) => !inPolygon([xM, yM], plan));
  return out >= 0 ? { path: ['lamps', out], says: 'The lamp hangs outside the room.' } : undefined;
}

/** The first thing that cannot be of a room as it is described; undefined where all of it can. */
export const planProblem = (room: PlannedDescription): PlanProblem | undefined =>
  problemOfPlan(room.plan) ?? problemOfWindows(room) ?? problemOfRoof(room) ?? problemOfWhatStands(room);
