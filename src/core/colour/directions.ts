import { ciede2000Terms } from './ciede2000';
import { deltaE00 } from './ciede2000';
import type { Lab } from './types';

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
 * The four directions from `reference` to `sample`. a* and b* differences are weighted by the CIEDE2000 tolerances of chroma and hue, split by the
 * mean hue direction, so that a step is as visible along either. Weights: Sharma, Wu & Dalal 2005; the split is the product's own.
 *
 * @example
 * directions({ l: 78, a: 3.6, b: 13 }, { l: 78, a: -0.6, b: 13.5 }).pinkGreen // about −4: greener
 */
export function directions(reference: Lab, sample: Lab): Directions {
  const { deltaL, deltaC, sL, sC, sH } = ciede2000Terms(reference, sample);
  const meanA = reference.a + sample.a;
  const meanB = reference.b + sample.b;
  const size = Math.hypot(meanA, meanB) || 1;
  const [cos, sin] = [meanA / size, meanB / size];
  const meanChroma7 = ((Math.hypot(reference.a, reference.b) + Math.hypot(sample.a, sample.b)) / 2) ** 7;
  const stretch = 1.5 - 0.5 * Math.sqrt(meanChroma7 / (meanChroma7 + 25 ** 7));
  return {
    pinkGreen: ((sample.a - reference.a) * stretch) / Math.hypot(sC * cos, sH * sin),
    yellowBlue: (sample.b - reference.b) / Math.hypot(sC * sin, sH * cos),
    strongWeak: deltaC / sC,
    lightDark: deltaL / sL,
    deltaE00: deltaE00(reference, sample),
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
