import type { PatchedBox } from './box';
import { elementFactors } from './element-factors';
import type { Lamp } from './lamp';
import { dot, subtract, type Vector } from './view-factor';

/** Solid angle of a rectangle from its foot point's corner, distance `h`: x, y to the corner. */
const corner = (x: number, y: number, h: number): number => Math.atan((x * y) / (h * Math.sqrt(x * x + y * y + h * h)));

/** Illuminance (lux) of every patch by a lamp alone, as its exact flux over the patch's area. */
export function lampOnPatches(lamp: Lamp, { faces, patches }: PatchedBox): Float64Array {
  const lumens = lamp.lumens * lamp.dimmedShare;
  const lux = new Float64Array(patches.length);
  for (const face of faces) {
    const { plane, us, vs, first } = face;
    const columns = us.length - 1;
    if (lamp.throws !== 'round') {
      // a diffuse source: its flux to a patch is the factor from the source to it
      elementFactors(lamp.at, { axis: 2, inward: lamp.throws === 'up' ? 1 : -1 }, face).forEach((factor, k) => {
        lux[first + k] = (lumens * factor) / patches[first + k]!.area;
      });
      continue;
    }
    const h = Math.max(1e-3, Math.abs(plane.value - lamp.at[plane.axis]));
    const at = (i: number, j: number) => corner(us[i]! - lamp.at[plane.u], vs[j]! - lamp.at[plane.v], h);
    for (let j = 0; j + 1 < vs.length; j++)
      for (let i = 0; i < columns; i++) {
        const solidAngle = at(i + 1, j + 1) - at(i, j + 1) - at(i + 1, j) + at(i, j);
        const k = first + j * columns + i;
        lux[k] = (lumens * solidAngle) / (4 * Math.PI) / patches[k]!.area;
      }
  }
  return lux;
}

/** Illuminance (lux) of a small element at a point by a lamp alone: its intensity toward the point, by the cosine, over distance². */
export function lampAtPoint(lamp: Lamp, at: Vector, normal: Vector): number {
  const toLamp = subtract(lamp.at, at);
  const distance = Math.hypot(...toLamp);
  const cosine = dot(toLamp, normal) / distance;
  if (!(cosine > 0)) return 0;
  const lumens = lamp.lumens * lamp.dimmedShare;
  const down = toLamp[2] / distance;
  const intensity =
    lamp.throws === 'round' ? lumens / (4 * Math.PI) : (lumens / Math.PI) * Math.max(0, lamp.throws === 'down' ? down : -down);
  return (intensity * cosine) / distance ** 2;
}
