import { adaptingLuminance, cam16, cam16Ucs, viewing } from './cam16';
import type { Reflectance, SpectralPower } from './grid';
import { integrationWeights } from './observer';
import { tristimulus, whiteOf } from './tristimulus';

/** A light to look at a colour in: its spectral power and how much of it falls there, in lux. */
export type JudgedLight = { readonly power: SpectralPower; readonly lux: number };

/** How a colour looks, in CAM16-UCS; distances under about 1 nobody sees. */
export type Jab = { readonly j: number; readonly a: number; readonly b: number };

/**
 * How surfaces look in a light to an eye adapted to it as far as its luminance allows: CAM16 with the light's own white, average surround,
 * background 20 %. Li et al. 2017. Prepared once for many surfaces.
 */
export function lookerIn({ power, lux }: JudgedLight): (reflectance: Reflectance) => Jab {
  const weights = integrationWeights(power, 10);
  const conditions = viewing({ white: whiteOf(weights), la: adaptingLuminance(lux), yb: 20, surround: 'average' });
  return (reflectance) => cam16Ucs(cam16(tristimulus(reflectance, weights), conditions));
}

/** Difference of two looks, in CAM16-UCS units. */
export const lookDifference = (p: Jab, q: Jab): number => Math.hypot(p.j - q.j, p.a - q.a, p.b - q.b);
