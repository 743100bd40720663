import { fromRgb16, toRgb16, type Rgb } from './cat16';
import { GRID, type SpectralPower } from './grid';
import { labFromXyz } from './lab';
import { integrationWeights, type Weights } from './observer';
import { tristimulus, WHITE_D65_10, whiteOf } from './tristimulus';
import type { Lab } from './types';

/** Weights of a light with the adaptation to daylight worked in: what they give are corresponding colours under D65, 10°. */
export function correspondingWeights(power: SpectralPower): Weights {
  const weights = integrationWeights(power, 10);
  const [from, to] = [toRgb16(whiteOf(weights)), toRgb16(WHITE_D65_10)];
  const [x, y, z] = [new Float64Array(GRID.count), new Float64Array(GRID.count), new Float64Array(GRID.count)];
  for (let i = 0; i < GRID.count; i++) {
    const cones = toRgb16({ x: weights.x[i]!, y: weights.y[i]!, z: weights.z[i]! });
    const adapted = fromRgb16(cones.map((v, k) => (v * to[k]!) / from[k]!) as unknown as Rgb);
    x[i] = adapted.x;
    y[i] = adapted.y;
    z[i] = adapted.z;
  }
  return { observer: 10, x, y, z };
}

/**
 * Lab (D65, 10°) of surfaces as they stand to each other in a light: corresponding colours by CAT16 with full adaptation to that light, so
 * that a white stays white and only what the light does to one surface and not to another is left. Li et al. 2017 §2. Prepared once for
 * many surfaces.
 */
export function correspondingIn(power: SpectralPower): (reflectance: ArrayLike<number>) => Lab {
  const weights = correspondingWeights(power);
  return (reflectance) => labFromXyz(tristimulus(reflectance, weights));
}
