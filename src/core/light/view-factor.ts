/** A point or direction in metres: x along the first wall, y into the room, z up. */
export type Vector = readonly [number, number, number];

const { atan, hypot, log, sqrt, PI } = Math;

export const subtract = (p: Vector, q: Vector): Vector => [p[0] - q[0], p[1] - q[1], p[2] - q[2]];
export const dot = (p: Vector, q: Vector): number => p[0] * q[0] + p[1] * q[1] + p[2] * q[2];

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
  const [px, py, pz] = point;
  const [nx, ny, nz] = normal;
  let [before, behind] = [0, 0];
  for (const [x, y, z] of polygon) {
    const away = (x - px) * nx + (y - py) * ny + (z - pz) * nz;
    // a polygon in the element's own plane gives it no light
    if (away >= 1e-9) before += 1;
    if (away < 0) behind += 1;
  }
  if (before === 0) return 0;
  const corners = behind === 0 ? polygon : inFrontOf(polygon, point, normal);
  let sum = 0;
  // nothing is allocated for a corner: millions of polygons are asked
  const last = corners[corners.length - 1]!;
  let [ax, ay, az] = [last[0] - px, last[1] - py, last[2] - pz];
  for (const corner of corners) {
    const [bx, by, bz] = [corner[0] - px, corner[1] - py, corner[2] - pz];
    const [cx, cy, cz] = [ay * bz - az * by, az * bx - ax * bz, ax * by - ay * bx];
    const size = sqrt(cx * cx + cy * cy + cz * cz);
    // an edge that points at the element spans no angle
    if (size >= 1e-12) sum += (Math.atan2(size, ax * bx + ay * by + az * bz) * (cx * nx + cy * ny + cz * nz)) / size;
    ax = bx;
    ay = by;
    az = bz;
  }
  return Math.abs(sum) / (2 * PI);
}
