import { ciede2000Terms } from './ciede2000';
import type { Lab } from './types';

const { sqrt } = Math;

/**
 * How a sample differs from a reference, along four readable directions, in just-noticeable steps (about one ΔE00 each).
 * Positive: pinker, yellower, stronger, lighter. `deltaE00` is the whole difference.
 */
export type Directions = {
  readonly pinkGreen: number;
  readonly yellowBlue: number;
  readonly strongWeak: number;
  readonly lightDark: number;
  readonly deltaE00: number;
};

/**
 * The four directions from `reference` to `sample`. a* and b* differences are weighted by the CIEDE2000 tolerances of chroma and hue,
 * split by the mean hue direction, so that a step is as visible along either. Weights: Sharma, Wu & Dalal 2005; the split is the
 * product's own.
 *
 * @example directions({ l: 78, a: 3.6, b: 13 }, { l: 78, a: -0.6, b: 13.5 }).pinkGreen // → -5.4
 */
export function directions(reference: Lab, sample: Lab): Directions {
  const { deltaL, deltaC, deltaH, sL, sC, sH, rT } = ciede2000Terms(reference, sample);
  const meanA = reference.a + sample.a;
  const meanB = reference.b + sample.b;
  const size = sqrt(meanA * meanA + meanB * meanB);
  // two greys, or colours across from each other, have no mean hue: any direction stands for it
  const cos = size === 0 ? 1 : meanA / size;
  const sin = size === 0 ? 0 : meanB / size;
  const l = deltaL / sL;
  const c = deltaC / sC;
  const h = deltaH / sH;
  const meanChroma = (sqrt(reference.a ** 2 + reference.b ** 2) + sqrt(sample.a ** 2 + sample.b ** 2)) / 2;
  const meanChroma7 = meanChroma ** 7;
  const stretch = 1.5 - 0.5 * sqrt(meanChroma7 / (meanChroma7 + 25 ** 7));
  return {
    pinkGreen: ((sample.a - reference.a) * stretch) / sqrt(sC * sC * cos * cos + sH * sH * sin * sin),
    yellowBlue: (sample.b - reference.b) / sqrt(sC * sC * sin * sin + sH * sH * cos * cos),
    strongWeak: c,
    lightDark: l,
    deltaE00: sqrt(l * l + c * c + h * h + rT * c * h), // CIEDE2000 eq. 22
  };
}

/** Under this many steps nobody sees a difference in a room. */
export const VISIBLE_STEP = 1;

export const DIRECTION_WORDS = {
  pinkGreen: ['greener', 'pinker'],
  yellowBlue: ['bluer', 'yellower'],
  strongWeak: ['weaker', 'stronger'],
  lightDark: ['darker', 'lighter'],
} as const;
export type Direction = keyof typeof DIRECTION_WORDS;

const ORDER: readonly Direction[] = ['pinkGreen', 'yellowBlue', 'strongWeak', 'lightDark'];

/** The visible differences in words, largest first: ["lighter by 3.0", "pinker by 1.2"]; empty when nobody would see one. */
export function sayDirections(directions: Directions): string[] {
  return ORDER.filter((d) => Math.abs(directions[d]) >= VISIBLE_STEP)
    .sort((p, q) => Math.abs(directions[q]) - Math.abs(directions[p]))
    .map((d) => `${DIRECTION_WORDS[d][directions[d] > 0 ? 1 : 0]} by ${Math.abs(directions[d]).toFixed(1)}`);
}
