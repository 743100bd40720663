import { WHITE_D65_10 } from './tristimulus';
import type { Lab, XYZ } from './types';

const EPSILON = 216 / 24389; // (6/29)³, CIE 15:2018 eq. 8.4
const KAPPA = 24389 / 27; // (29/3)³

const forward = (t: number) => (t > EPSILON ? Math.cbrt(t) : (KAPPA * t + 16) / 116);
const inverse = (f: number) => (f ** 3 > EPSILON ? f ** 3 : (116 * f - 16) / KAPPA);

/** CIELAB of XYZ against a white of the same light and observer. CIE 15:2018 eq. 8.3–8.5. */
export function labFromXyz(xyz: XYZ, white: XYZ = WHITE_D65_10): Lab {
  const fx = forward(xyz.x / white.x);
  const fy = forward(xyz.y / white.y);
  const fz = forward(xyz.z / white.z);
  return { l: 116 * fy - 16, a: 500 * (fx - fy), b: 200 * (fy - fz) };
}

/** XYZ (Y = 100 for the white) of CIELAB against a white. Inverse of {@link labFromXyz}. */
export function xyzFromLab(lab: Lab, white: XYZ = WHITE_D65_10): XYZ {
  const fy = (lab.l + 16) / 116;
  return {
    x: white.x * inverse(fy + lab.a / 500),
    y: white.y * inverse(fy),
    z: white.z * inverse(fy - lab.b / 200),
  };
}

/**
 * LRV (0–100) of a Lab colour: its Y under D65 with the 10° observer. BS 8493.
 *
 * @example lrvOf({ l: 50, a: 0, b: 0 }) // → 18.4187
 */
export const lrvOf = (lab: Lab): number => xyzFromLab(lab).y;

/**
 * L* of an LRV (0–100).
 *
 * @example lightnessOfLrv(18.4187) // → 50
 */
export const lightnessOfLrv = (lrv: number): number => 116 * forward(lrv / 100) - 16;

/** CIELAB chroma C*ab. */
export const chroma = (lab: Lab): number => Math.hypot(lab.a, lab.b);

/**
 * CIELAB hue angle in degrees, 0–360 from +a*; 0 for an exact neutral.
 *
 * @example hueDeg({ l: 60, a: 0, b: -10 }) // → 270
 */
export function hueDeg(lab: Lab): number {
  const degrees = (Math.atan2(lab.b, lab.a) * 180) / Math.PI;
  return degrees < 0 ? degrees + 360 : degrees;
}
