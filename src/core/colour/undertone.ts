import { directions, type Directions } from './directions';
import { describeColour, nameColour, type ColourName } from './family';
import { chroma, hueDeg } from './lab';
import type { Lab } from './types';

/** The perfect reflecting diffuser. */
export const PERFECT_DIFFUSER: Lab = { l: 100, a: 0, b: 0 };

export type Undertone = ColourName & {
  /** "light greige, leans yellow". */
  readonly says: string;
  /** CIELAB hue angle, degrees 0–360. */
  readonly hueDeg: number;
  /** CIELAB chroma: the size of the lean. */
  readonly chroma: number;
  /** Differences from the reference, in just-noticeable steps. */
  readonly directions: Directions;
};

/**
 * The undertone of a colour (Lab, D65, 10°): absolute against the perfect diffuser, or relative to any other sample.
 * Names come from the table of `family.ts`; directions from CIEDE2000 weights.
 */
export function undertone(lab: Lab, against: Lab = PERFECT_DIFFUSER): Undertone {
  return {
    ...nameColour(lab),
    says: describeColour(lab),
    hueDeg: hueDeg(lab),
    chroma: chroma(lab),
    directions: directions(against, lab),
  };
}
