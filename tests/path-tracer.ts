import { seededRandom } from '@/core/base/random';

/**
 * A path tracer for box rooms, written apart from the product's own geometry so that the two can disagree: rays by cosine from the point,
 * diffuse bounces, windows as holes that show a luminance by direction.
 */
export type TracedRoom = {
  readonly size: readonly [x: number, y: number, z: number];
  /** Reflectance of x = 0, x = size, y = 0, y = size, floor, ceiling. */
  readonly rho: readonly [number, number, number, number, number, number];
  /** Holes in the wall y = 0: from x0 to x1 and z0 to z1, with a transmittance. */
  readonly holes: readonly (readonly [x0: number, x1: number, z0: number, z1: number, through: number])[];
  /** What a hole lets through of a ray, by the cosine at which it meets the wall, over what it lets straight through; 1 if not given. */
  readonly slant?: (cosine: number) => number;
  /** Luminance behind a hole, cd/m², by the ray's direction in the room. */
  readonly luminance: (direction: readonly [number, number, number]) => number;
};

// a test runner looks up globals slowly; millions of rays notice
const { cos, sin, sqrt, PI, sign: signOf } = Math;

type V = [number, number, number];

/** Two directions across the axis `axis`. */
const ACROSS = [
  [1, 2],
  [2, 0],
  [0, 1],
] as const;

/** Illuminance (lux) at a point that faces along an axis of the room, by `rays` paths; `error` is its standard error. */
export function trace(room: TracedRoom, at: V, normal: V, rays: number): { readonly lux: number; readonly error: number } {
  const random = seededRandom(77);
  const { size, rho } = room;
  let sum = 0;
  let squares = 0;
  const startAxis = normal.findIndex((n) => n !== 0);
  for (let ray = 0; ray < rays; ray++) {
    const point: V = [at[0], at[1], at[2]];
    const d: V = [0, 0, 0];
    let axis = startAxis;
    let sign = signOf(normal[startAxis]!);
    let found = 0;
    for (let depth = 0; depth < 60; depth++) {
      const r2 = random();
      const phi = 2 * PI * random();
      const r = sqrt(r2);
      const [u, v] = ACROSS[axis]!;
      d[axis] = sign * sqrt(1 - r2);
      d[u] = r * cos(phi);
      d[v] = r * sin(phi);
      let nearest = Infinity;
      let hit = 0;
      for (let k = 0; k < 3; k++) {
        const t = ((d[k]! > 0 ? size[k]! : 0) - point[k]!) / d[k]!;
        if (t < nearest) {
          nearest = t;
          hit = k;
        }
      }
      for (let k = 0; k < 3; k++) point[k]! += nearest * d[k]!;
      const far = d[hit]! > 0;
      if (hit === 1 && !far) {
        const hole = room.holes.find(([x0, x1, z0, z1]) => point[0] >= x0 && point[0] <= x1 && point[2] >= z0 && point[2] <= z1);
        if (hole) {
          found = hole[4] * (room.slant ? room.slant(-d[1]) : 1) * room.luminance(d);
          break;
        }
      }
      if (random() >= rho[2 * hit + (far ? 1 : 0)]!) break;
      point[hit] = far ? size[hit]! - 1e-9 : 1e-9;
      axis = hit;
      sign = far ? -1 : 1;
    }
    sum += found;
    squares += found * found;
  }
  const mean = sum / rays;
  return { lux: PI * mean, error: PI * sqrt((squares / rays - mean * mean) / rays) };
}
