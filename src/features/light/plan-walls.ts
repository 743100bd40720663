import type { Wall } from '@/core/room/facing';

/** A line of the plan, metres. */
export type PlanLine = readonly [x0: number, y0: number, x1: number, y1: number];

/** A wall's own line in the plan of a room `w` long and `d` deep: from its left end seen from inside. */
export function wallLine(wall: Wall, w: number, d: number): PlanLine {
  const lines: readonly PlanLine[] = [
    [0, 0, w, 0],
    [w, 0, w, d],
    [w, d, 0, d],
    [0, d, 0, 0],
  ];
  return lines[wall]!;
}

/** The point `s` along a line that is `length` long. */
export const along = ([x0, y0, x1, y1]: PlanLine, s: number, length: number) =>
  [x0 + ((x1 - x0) * s) / length, y0 + ((y1 - y0) * s) / length] as const;
