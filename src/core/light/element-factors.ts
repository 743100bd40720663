import type { Plane } from './box';
import type { Vector } from './view-factor';

const { atan, sqrt, PI } = Math;

/** A grid of cells on a plane: the lines across and up, metres, ascending. */
export type CellGrid = { readonly plane: Plane; readonly us: readonly number[]; readonly vs: readonly number[] };

/** Corner function of a rectangle facing the element at distance `c`. Howell B-3. */
const facing = (x: number, y: number, c2: number): number => {
  const [p, q] = [sqrt(x * x + c2), sqrt(y * y + c2)];
  return ((x / p) * atan(y / p) + (y / q) * atan(x / q)) / (2 * PI);
};
/** Corner function of a rectangle standing on the element's plane at distance `a`, `t` over it. Howell B-5. */
const standing = (y: number, t: number, a: number): number => {
  const p = sqrt(a * a + t * t);
  return (-a / (2 * PI * p)) * atan(y / p);
};

/** Differences the corner function over the cells. */
function overCells(us: readonly number[], vs: readonly number[], corner: (u: number, v: number) => number): Float64Array {
  const columns = us.length - 1;
  const out = new Float64Array(columns * (vs.length - 1));
  let below = us.map((u) => corner(u, vs[0]!));
  for (let j = 0; j + 1 < vs.length; j++) {
    const above = us.map((u) => corner(u, vs[j + 1]!));
    for (let i = 0; i < columns; i++) {
      const factor = above[i + 1]! - above[i]! - below[i + 1]! + below[i]!;
      out[j * columns + i] = factor > 0 ? factor : 0;
    }
    below = above;
  }
  return out;
}

/**
 * Shares of the cosine-weighted hemisphere over a small element that the cells of a face fill, row by row: exact closed forms for an
 * element whose normal lies along an axis of the room. Its own plane gives it nothing, what lies behind it neither. Howell B-3, B-5.
 *
 * @param normal the element's plane: only `axis` and `inward` are read
 */
export function elementFactors(at: Vector, normal: Pick<Plane, 'axis' | 'inward'>, { plane, us, vs }: CellGrid): Float64Array {
  if (plane.axis === normal.axis) {
    const c = (plane.value - at[plane.axis]) * normal.inward;
    if (c <= 1e-9) return new Float64Array((us.length - 1) * (vs.length - 1));
    return overCells(us, vs, (u, v) => facing(u - at[plane.u], v - at[plane.v], c * c));
  }
  const a = Math.abs(plane.value - at[plane.axis]);
  if (a < 1e-9) return new Float64Array((us.length - 1) * (vs.length - 1));
  const over = (value: number, axis: number) => Math.max(0, (value - at[axis]!) * normal.inward);
  // along the element's normal only what is over its plane counts; a normal toward smaller values turns the axis round
  if (plane.u === normal.axis) return overCells(us, vs, (u, v) => normal.inward * standing(v - at[plane.v], over(u, plane.u), a));
  return overCells(us, vs, (u, v) => normal.inward * standing(u - at[plane.u], over(v, plane.v), a));
}
