import { readingsOf, type Flag, type Reading } from '../appearance/readings';
import type { Reads } from '../appearance/scene';
import { chroma, lrvOf } from '../colour/lab';
import { leanOf, temperatureOf } from '../colour/lean';
import type { Lab } from '../colour/types';

/** Schools on a white in a dim or north-lit room: never; warm whites only; or choose a little more chroma. */
export const DIM_WHITE_SCHOOLS = ['never', 'warm-only', 'more-chroma'] as const;
export type DimWhiteSchool = (typeof DIM_WHITE_SCHOOLS)[number];
/** Schools on a light that fights the colour: correct it, or embrace it. */
export const FIGHTING_LIGHT_SCHOOLS = ['correct', 'embrace'] as const;
export type FightingLightSchool = (typeof FIGHTING_LIGHT_SCHOOLS)[number];

export type LightSchools = { readonly dimWhite: DimWhiteSchool; readonly fightingLight: FightingLightSchool };
export const DEFAULT_SCHOOLS: LightSchools = { dimWhite: 'warm-only', fightingLight: 'correct' };

/** What a light costs a colour, in the same units as {@link RELATION}. The schools are common practice; the figures are the product's own. */
export const LIGHT_CONFLICT = {
  /** A reading that just holds costs so much, and grows with its number. */
  atThreshold: 1,
  /** A light alone makes a colour nearly, not no: the eye may embrace it. Only what a school refuses outright goes further. */
  most: 1.9,
  /** A white the school refuses in a dim room. */
  refused: 2.5,
  /** LRV from which a colour is a white or off-white for the schools. Common practice: 70 is the line between light and off-white. */
  whiteFrom: 70,
  /** Chroma from which the school "more chroma" takes a white to hold its own. */
  enoughChroma: 6,
} as const;

/** A conflict of a colour with a light. */
export type LightConflict = { readonly flag: Flag; readonly cost: number };

/** What a dim room costs a white by the school; undefined where the school says nothing of its own. */
function dimWhiteCost(deck: Lab, cost: number, school: DimWhiteSchool): number {
  const { most, refused, enoughChroma, whiteFrom } = LIGHT_CONFLICT;
  if (lrvOf(deck) < whiteFrom) return Math.min(most, cost);
  if (school === 'never') return refused;
  if (school === 'warm-only') return temperatureOf(leanOf(deck, true)) === 'warm' ? Math.min(most, cost) : refused;
  return chroma(deck) >= enoughChroma ? 0 : Math.min(most, cost);
}

function costOfReading(deck: Lab, { flag, value, threshold, holds }: Reading, { dimWhite, fightingLight }: LightSchools): number {
  if (!holds) return 0;
  const cost = (LIGHT_CONFLICT.atThreshold * value) / threshold;
  if (flag === 'dingy') return dimWhiteCost(deck, cost, dimWhite);
  return fightingLight === 'embrace' ? 0 : Math.min(LIGHT_CONFLICT.most, cost);
}

/**
 * The strongest conflict of a colour with a light, from what the light does to it; undefined when it does nothing a consultant would name.
 * A stronger reading never costs less.
 */
export function lightConflict(
  deck: Lab,
  readings: readonly Reading[],
  schools: LightSchools = DEFAULT_SCHOOLS,
): LightConflict | undefined {
  let worst: LightConflict | undefined;
  for (const reading of readings) {
    const cost = costOfReading(deck, reading, schools);
    if (cost > (worst?.cost ?? 0)) worst = { flag: reading.flag, cost };
  }
  return worst;
}

/** {@link lightConflict} of a colour as it reads. */
export const lightConflictOf = (deck: Lab, reads: Reads, schools: LightSchools = DEFAULT_SCHOOLS): LightConflict | undefined =>
  lightConflict(deck, readingsOf(deck, reads), schools);
