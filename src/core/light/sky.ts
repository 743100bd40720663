import type { SunPosition } from './sun';
import { RAD } from '../base/angles';

/** Gradation a, b and indicatrix c, d, e of one CIE Standard General Sky. */
export type SkyType = { readonly a: number; readonly b: number; readonly c: number; readonly d: number; readonly e: number };

/**
 * The fifteen CIE Standard General Skies. ISO 15469:2004 / CIE S 011, table 1 (found right by an independent computation, and by
 * published ratios).
 */
export const STANDARD_SKIES: Readonly<Record<number, SkyType>> = {
  1: { a: 4, b: -0.7, c: 0, d: -1, e: 0 },
  2: { a: 4, b: -0.7, c: 2, d: -1.5, e: 0.15 },
  3: { a: 1.1, b: -0.8, c: 0, d: -1, e: 0 },
  4: { a: 1.1, b: -0.8, c: 2, d: -1.5, e: 0.15 },
  5: { a: 0, b: -1, c: 0, d: -1, e: 0 },
  6: { a: 0, b: -1, c: 2, d: -1.5, e: 0.15 },
  7: { a: 0, b: -1, c: 5, d: -2.5, e: 0.3 },
  8: { a: 0, b: -1, c: 10, d: -3, e: 0.45 },
  9: { a: -1, b: -0.55, c: 2, d: -1.5, e: 0.15 },
  10: { a: -1, b: -0.55, c: 5, d: -2.5, e: 0.3 },
  11: { a: -1, b: -0.55, c: 10, d: -3, e: 0.45 },
  12: { a: -1, b: -0.32, c: 10, d: -3, e: 0.45 },
  13: { a: -1, b: -0.32, c: 16, d: -3, e: 0.3 },
  14: { a: -1, b: -0.15, c: 16, d: -3, e: 0.3 },
  15: { a: -1, b: -0.15, c: 24, d: -2.8, e: 0.15 },
};

/** A sky's luminance over its zenith's, at an altitude and azimuth in degrees. */
export type Sky = (altitudeDeg: number, azimuthDeg: number) => number;

/** Relative luminance of the traditional CIE overcast sky: (1 + 2 sin γ) / 3 of the zenith. Moon & Spencer 1942. */
export const traditionalOvercast: Sky = (altitudeDeg) => (1 + 2 * Math.sin(altitudeDeg * RAD)) / 3;

/** Relative luminance of a CIE Standard General Sky of type 1–15 for a sun position. ISO 15469:2004 eq. 1–8. */
export function standardSky(type: number, sun: SunPosition): Sky {
  const sky = STANDARD_SKIES[type];
  if (!sky) throw new RangeError(`sky type ${type}: there are types 1 to 15`);
  const { a, b, c, d, e } = sky;
  const gradation = (cosZ: number) => (cosZ < 1e-6 ? 1 : 1 + a * Math.exp(b / cosZ)); // eq. 4
  const across = Math.exp((d * Math.PI) / 2);
  // eq. 6, of the cosine of the angle from the sun
  const scatter = (cosChi: number) => 1 + c * (Math.exp(d * Math.acos(cosChi)) - across) + e * cosChi * cosChi;
  const zenithSun = (90 - sun.altitudeDeg) * RAD;
  const [cosSun, sinSun] = [Math.cos(zenithSun), Math.sin(zenithSun)];
  const atZenith = gradation(1) * scatter(cosSun);
  return (altitudeDeg, azimuthDeg) => {
    const z = (90 - altitudeDeg) * RAD;
    const cosZ = Math.cos(z);
    const cosChi = cosSun * cosZ + sinSun * Math.sin(z) * Math.cos((azimuthDeg - sun.azimuthDeg) * RAD);
    return (gradation(cosZ) * scatter(Math.max(-1, Math.min(1, cosChi)))) / atZenith;
  };
}

/** Steps of the integration over the sky: altitude bands and sectors, by midpoints. */
const BANDS = 60;
const SECTORS = 72;

/**
 * Illuminance of a surface by a sky, in units of the zenith luminance: the integral of L cos i over the half of the sky that it sees.
 *
 * @param tiltDeg 0 faces up, 90 is vertical; @param bearingDeg azimuth it faces, clockwise from north
 */
export function skyIlluminance(sky: Sky, tiltDeg: number, bearingDeg: number): number {
  const [up, out] = [Math.cos(tiltDeg * RAD), Math.sin(tiltDeg * RAD)];
  let sum = 0;
  for (let i = 0; i < BANDS; i++) {
    const altitudeDeg = ((i + 0.5) * 90) / BANDS;
    const [sin, cos] = [Math.sin(altitudeDeg * RAD), Math.cos(altitudeDeg * RAD)];
    for (let j = 0; j < SECTORS; j++) {
      const azimuthDeg = ((j + 0.5) * 360) / SECTORS;
      const incidence = up * sin + out * cos * Math.cos((azimuthDeg - bearingDeg) * RAD);
      if (incidence > 0) sum += sky(altitudeDeg, azimuthDeg) * incidence * cos;
    }
  }
  return (sum * (Math.PI / 2) * 2 * Math.PI) / (BANDS * SECTORS);
}
