/** A point of a plan, metres: x to the right, y downward, as a room is drawn with its first wall above. */
export type Point = readonly [x: number, y: number];

/** A point turned clockwise about the origin by so many quarters. */
export function turned([x, y]: Point, quarters: number): Point {
  switch (((quarters % 4) + 4) % 4) {
    case 1:
      return [-y, x];
    case 2:
      return [-x, -y];
    case 3:
      return [y, -x];
    default:
      return [x, y];
  }
}

export const plus = (p: Point, q: Point): Point => [p[0] + q[0], p[1] + q[1]];
export const minus = (p: Point, q: Point): Point => [p[0] - q[0], p[1] - q[1]];
export const times = (p: Point, by: number): Point => [p[0] * by, p[1] * by];
export const distance = (p: Point, q: Point): number => Math.hypot(p[0] - q[0], p[1] - q[1]);
