/** A point or direction in metres: x along the first wall, y into the room, z up. */
export type Vector = readonly [number, number, number];

const { atan, hypot, log, sqrt, PI } = Math;

export const subtract = (p: Vector, q: Vector): Vector => [p[0] - q[0], p[1] - q[1], p[2] - q[2]];
export const dot = (p: Vector, q: Vector): number => p[0] * q[0] + p[1] * q[1] + p[2] * q[2];
const cross = (p: Vector, q: Vector): Vector => [p[1] * q[2] - p[2] * q[1], p[2] * q[0] - p[0] * q[2], p[0] * q[1] - p[1] * q[0]];

/**
 * Share of what leaves one of two equal, aligned, parallel rectangles `a` × `b` a distance `c` apart that reaches the other. Howell C-11.
 */
export function parallelRectangles(a: number, b: number, c: number): number {
  const [x, y] = [a / c, b / c];
  const [x1, y1] = [sqrt(1 + x * x), sqrt(1 + y * y)];
  const ends = log(((1 + x * x) * (1 + y * y)) / (1 + x * x + y * y)) / 2;
  return (2 / (PI * x * y)) * (ends + x * y1 * atan(x / y1) + y * x1 * atan(y / x1) - x * atan(x) - y * atan(y));
}

/** Share of what leaves a rectangle `w` × `l` that reaches one `h` × `l` standing on its common edge `l` at a right angle. Howell C-14. */
export function perpendicularRectangles(w: number, h: number, l: number): number {
  const [wl, hl] = [w / l, h / l];
  const [w2, h2] = [wl * wl, hl * hl];
  const logs =
    log(((1 + w2) * (1 + h2)) / (1 + w2 + h2)) +
    w2 * log((w2 * (1 + w2 + h2)) / ((1 + w2) * (w2 + h2))) +
    h2 * log((h2 * (1 + h2 + w2)) / ((1 + h2) * (h2 + w2)));
  const slope = hypot(hl, wl);
  return (wl * atan(1 / wl) + hl * atan(1 / hl) - slope * atan(1 / slope) + logs / 4) / (PI * wl);
}

/** The part of a polygon on the side of a plane that its normal points to; Sutherland & Hodgman 1974. */
function inFrontOf(polygon: readonly Vector[], point: Vector, normal: Vector): Vector[] {
  const kept: Vector[] = [];
  polygon.forEach((p, i) => {
    const q = polygon[(i + 1) % polygon.length]!;
    const [dp, dq] = [dot(subtract(p, point), normal), dot(subtract(q, point), normal)];
    if (dp >= 0) kept.push(p);
    if (dp > 0 !== dq > 0 && dp !== dq) {
      const t = dp / (dp - dq);
      kept.push([p[0] + t * (q[0] - p[0]), p[1] + t * (q[1] - p[1]), p[2] + t * (q[2] - p[2])]);
    }
  });
  return kept;
}

/**
 * Share of the hemisphere over a surface element that a polygon fills, weighted by the cosine: the illuminance it gives, over π times its
 * luminance. Exact for a uniform polygon, which is clipped at the element's own plane. Lambert 1760; Baum, Rushmeier & Winget 1989.
 *
 * @param polygon corners in order, either way round; @param normal of the element, length 1
 * @returns 0–1
 */
export function polygonFactor(point: Vector, normal: Vector, polygon: readonly Vector[]): number {
  // a polygon in the element's own plane gives it no light
  if (polygon.every((p) => dot(subtract(p, point), normal) < 1e-9)) return 0;
  const corners = inFrontOf(polygon, point, normal).map((p) => subtract(p, point));
  let sum = 0;
  corners.forEach((p, i) => {
    const q = corners[(i + 1) % corners.length]!;
    const across = cross(p, q);
    const size = hypot(...across);
    if (size < 1e-12) return; // an edge that points at the element spans no angle
    sum += (Math.atan2(size, dot(p, q)) * dot(across, normal)) / size;
  });
  return Math.abs(sum) / (2 * PI);
}
