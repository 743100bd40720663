import { GRID, type Reflectance } from './grid';
import { daylight65 } from './illuminant';
import { integrationWeights, type Weights } from './observer';
import type { XYZ } from './types';

// looked up once, and over one kind of array: this is the innermost loop of everything
const COUNT = GRID.count;

function sums(r: Float64Array, wx: Float64Array, wy: Float64Array, wz: Float64Array): XYZ {
  let x = 0;
  let y = 0;
  let z = 0;
  for (let i = 0; i < COUNT; i++) {
    const v = r[i]!;
    x += v * wx[i]!;
    y += v * wy[i]!;
    z += v * wz[i]!;
  }
  return { x, y, z };
}

/** XYZ of a reflectance under the light and observer that `weights` were made for; Y = 100 for R = 1. CIE 15:2018 §7.1. */
export const tristimulus = (reflectance: ArrayLike<number>, { x, y, z }: Weights): XYZ =>
  sums(reflectance instanceof Float64Array ? reflectance : Float64Array.from(reflectance), x, y, z);

/** XYZ of the perfect reflecting diffuser: the white of a light and observer; Y = 100. */
export const whiteOf = (weights: Weights): XYZ => tristimulus(new Float64Array(GRID.count).fill(1), weights);

/** The product's measuring conditions: D65 and the 10° observer. */
export const D65_10: Weights = integrationWeights(daylight65, 10);
export const WHITE_D65_10: XYZ = whiteOf(D65_10);

/** Light reflectance value, 0–100: CIE Y under D65 with the 10° observer (BS 8493). */
export const lightReflectanceValue = (reflectance: Reflectance): number => tristimulus(reflectance, D65_10).y;
