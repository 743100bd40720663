import { onWall, type Plan } from '@/core/room/plan';

/** A line of the plan, metres. */
export type PlanLine = readonly [x0: number, y0: number, x1: number, y1: number];

/** A wall's own line: from its left end seen from inside. */
export function wallLineOf(plan: Plan, wall: number): PlanLine {
  const [x0, y0] = plan[wall]!;
  const [x1, y1] = plan[(wall + 1) % plan.length]!;
  return [x0, y0, x1, y1];
}

/** A stretch of a wall. */
export function stretchOf(plan: Plan, wall: number, fromM: number, toM: number): PlanLine {
  const [x0, y0] = onWall(plan, wall, fromM);
  const [x1, y1] = onWall(plan, wall, toM);
  return [x0, y0, x1, y1];
}

export const pointsOf = (plan: Plan): string => plan.map(([x, y]) => `${x},${y}`).join(' ');
