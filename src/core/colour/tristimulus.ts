import { GRID, type Reflectance } from './grid';
import { daylight65 } from './illuminant';
import { integrationWeights, type Weights } from './observer';
import type { XYZ } from './types';

/** XYZ of a reflectance under the light and observer that `weights` were made for; Y = 100 for R = 1. CIE 15:2018 §7.1. */
export function tristimulus(reflectance: ArrayLike<number>, weights: Weights): XYZ {
  let x = 0;
  let y = 0;
  let z = 0;
  for (let i = 0; i < GRID.count; i++) {
    const r = reflectance[i]!;
    x += r * weights.x[i]!;
    y += r * weights.y[i]!;
    z += r * weights.z[i]!;
  }
  return { x, y, z };
}

/** XYZ of the perfect reflecting diffuser: the white of a light and observer; Y = 100. */
export const whiteOf = (weights: Weights): XYZ => tristimulus(new Float64Array(GRID.count).fill(1), weights);

/** The product's measuring conditions: D65 and the 10° observer. */
export const D65_10: Weights = integrationWeights(daylight65, 10);
export const WHITE_D65_10: XYZ = whiteOf(D65_10);

/** Light reflectance value, 0–100: CIE Y under D65 with the 10° observer (BS 8493). */
export const lightReflectanceValue = (reflectance: Reflectance): number => tristimulus(reflectance, D65_10).y;
