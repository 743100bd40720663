import { map3 } from '@/core/base/map3';
import { castOf, type Bytes } from './cast';
import { deltaE00 } from './ciede2000';
import { labFromXyz } from './lab';
import { linearOf, WHITE_SRGB, xyzOfLinear } from './srgb';
import type { Lab } from './types';

export const PHOTO_COLOUR = {
  /** Reflectance of the white paper, 0–1: plain paper, from memory. */
  paperY: 0.88,
  /**
   * What a camera adds to the truth at its best and when it chose exposure and balance anew, ΔE00. Own choice, from memory of what phones
   * do.
   */
  lockedError: 4,
  freeError: 6,
  /**
   * What each ΔE00 of cast adds: a camera that saw as the eye does errs by 0.2 in nine of ten of 372 colours under LEDs and tungsten (a
   * cast of 24); real ones do not see as the eye does. Own choice: two to three times as much.
   */
  perCast: 0.55,
  /** Cast from which it is said that another light would serve better, ΔE00. Own choice. */
  strongCast: 8,
} as const;

export type PhotoColour =
  | {
      readonly ok: true;
      /** D65, 10°. */
      readonly lab: Lab;
      /** About how far it may be from the truth, ΔE00: what cameras err, the more the stronger the cast, and how much the circle varies. */
      readonly uncertainty: number;
      /** How much the circle varies, mean ΔE00 from its middle. */
      readonly spread: number;
      /** Taken in a light far from daylight. */
      readonly strongCast: boolean;
    }
  | { readonly ok: false; readonly reason: 'paper-too-bright' | 'paper-too-dark' | 'clipped' };

/** A channel from here on is clipped. */
const CLIPPED = 254;

/**
 * Colour of a place in a photograph that has white paper in it: the cast taken out, its lightness told by the paper's, averaged over a
 * circle. It is the colour of what gave the light back there; a shadow across it or a shine on it makes it another.
 *
 * @param paper what the camera made of the paper, sRGB bytes
 * @param pixels of the circle, sRGB bytes; at least one
 */
export function colourFromPhoto(paper: Bytes, pixels: readonly Bytes[], locked: boolean): PhotoColour {
  const cast = castOf(paper);
  if (!cast.ok) return { ok: false, reason: cast.reason === 'too-bright' ? 'paper-too-bright' : 'paper-too-dark' };
  const clipped = pixels.filter((p) => Math.max(...p) >= CLIPPED).length;
  if (clipped > pixels.length / 10) return { ok: false, reason: 'clipped' };
  const scale = (100 * PHOTO_COLOUR.paperY) / xyzOfLinear(linearOf(paper)).y;
  const corrected = pixels.map((pixel) => {
    const rgb = linearOf(pixel);
    const { x, y, z } = xyzOfLinear(map3(cast.matrix, (row) => row[0] * rgb[0] + row[1] * rgb[1] + row[2] * rgb[2]));
    return { x: x * scale, y: y * scale, z: z * scale };
  });
  const mean = (part: 'x' | 'y' | 'z') => corrected.reduce((s, c) => s + c[part], 0) / corrected.length;
  const lab = labFromXyz({ x: mean('x'), y: mean('y'), z: mean('z') }, WHITE_SRGB);
  const spread = corrected.reduce((s, c) => s + deltaE00(lab, labFromXyz(c, WHITE_SRGB)), 0) / corrected.length;
  const error = locked ? PHOTO_COLOUR.lockedError : PHOTO_COLOUR.freeError;
  const casts = cast.directions.deltaE00;
  const uncertainty = Math.hypot(error, PHOTO_COLOUR.perCast * casts, spread / Math.sqrt(corrected.length));
  return { ok: true, lab, spread, uncertainty, strongCast: casts >= PHOTO_COLOUR.strongCast };
}
