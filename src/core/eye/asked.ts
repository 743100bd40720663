import { seededRandom } from '../base/random';
import {
  LEAST_SHOWN,
  oneOf,
  PRACTICE_SURROUNDS,
  type Asked,
  type Maker,
  type PracticeSurround,
  type Sources,
} from './asked-parts';
import { lean, paperWhite } from './ask-leans';
import { lamp, north } from './ask-lights';
import { besideThing, depth, strength } from './ask-paint';
import { along, oddOne, sameName } from './ask-pairs';
import { isMeasured, type Practised, type Sight } from './exercises';
import type { Range } from './staircase';

/** Where each staircase begins, its easiest and its finest; ΔE00, L* of depth, percent of strength, cost of a verdict. Own choices. */
export const RANGES: Readonly<Record<Sight, Range>> = {
  'odd-one': { start: 4, most: 15, least: 0.6 },
  'paper-white': { start: 3, most: 8, least: 0.8 },
  lean: { start: 4, most: 10, least: 1 },
  beside: { start: 0.7, most: 1.5, least: 0.2 },
  depth: { start: 12, most: 20, least: 3 },
  strength: { start: 25, most: 30, least: 8 },
  north: { start: 5, most: 10, least: 1 },
  lamp: { start: 4, most: 8, least: 1 },
  'same-name': { start: 4, most: 15, least: 0.6 },
};
/** The unit a level is told in. */
export const unitOf = (of: Practised): string =>
  (({ depth: 'L*', strength: '%', beside: 'of a verdict' }) as Partial<Record<Practised, string>>)[of] ?? 'ΔE';

const SIGHT_MAKERS: Readonly<Record<Sight, Maker>> = {
  'odd-one': oddOne,
  'paper-white': paperWhite,
  lean,
  beside: besideThing,
  depth,
  strength,
  north,
  lamp,
  'same-name': sameName,
};

/** What is measured is asked in one surround, so that thresholds can be compared over time; the rest in every one. */
const surroundOf = (exercise: Practised, seed: number): PracticeSurround =>
  isMeasured(exercise) ? 'light' : oneOf(seededRandom(seed + 1), PRACTICE_SURROUNDS);

/** So often something else is drawn before it is made easier. */
const DRAWN = 250;

/**
 * What is asked in an exercise: the same seed and level ask the same.
 *
 * @param level how far apart things are to be, in the measure of the exercise; what the screen shows may lie a little beside it, and is
 * told in the answer
 * @returns undefined where there is nothing to ask: no maker shares a name with another
 */
export function askedFor(exercise: Practised, seed: number, level: number, sources: Sources): Asked | undefined {
  const make = isMeasured(exercise) ? along(exercise) : SIGHT_MAKERS[exercise];
  const random = seededRandom(seed);
  const once = random();
  let wanted = Math.max(level, exercise === 'beside' ? 0 : LEAST_SHOWN);
  for (let n = 0; n < 4 * DRAWN; n++) {
    if (n > 0 && n % DRAWN === 0) wanted *= exercise === 'beside' ? 0.6 : 1.3;
    const made = make(random, wanted, sources, once);
    if (made) return { ...made, exercise, seed, surround: surroundOf(exercise, seed) };
  }
  return undefined;
}
