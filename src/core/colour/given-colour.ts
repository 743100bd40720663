import type { ColourInput } from './colour-schema';
import type { Reflectance } from './grid';
import { reflectanceFromLab } from './reflectance';
import { resample } from './resample';
import { labFromHex } from './srgb';
import type { Lab } from './types';

/** A colour given by its Lab or hex: its Lab (D65, 10°). */
export const labAsGiven = (colour: Exclude<ColourInput, { spectrum: unknown }>): Lab =>
  'lab' in colour ? { l: colour.lab[0], a: colour.lab[1], b: colour.lab[2] } : labFromHex(colour.hex);

/**
 * Reflectance of a colour as it was given: its measured spectrum, or the smoothest with its Lab.
 * @throws RangeError for a colour that no surface has
 */
export function reflectanceOfColour(colour: ColourInput): Reflectance {
  if ('spectrum' in colour) return resample(colour.spectrum.start, colour.spectrum.step, colour.spectrum.values).reflectance;
  const lab = labAsGiven(colour);
  const solved = reflectanceFromLab(lab);
  if (!solved.ok) {
    const numbers = [lab.l, lab.a, lab.b].map((v) => v.toFixed(2)).join(', ');
    throw new RangeError(`Lab ${numbers} lies outside what a surface can be`);
  }
  return solved.value;
}
