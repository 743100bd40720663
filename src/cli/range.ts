import { z } from 'zod';
import type { ColourInput } from '@/core/colour/colour-schema';
import type { Reflectance } from '@/core/colour/grid';
import { labAsGiven } from '@/core/colour/given-colour';
import { knownMetamers, POPULATIONS, RANGE_HOLDS, type Population } from '@/core/colour/metamers';

/** What a colour that is given by its Lab or hex may be made of. */
export const populationSchema = z.enum(POPULATIONS).default('any');

/** How sure an answer is: `range` in ΔE00 around it, of how many surfaces it holds, and of which. A measured spectrum has none. */
export function rangeOf(colour: ColourInput, population: Population, range: (curves: readonly Reflectance[]) => number) {
  if ('spectrum' in colour) return {};
  return { range: { dE00: range(knownMetamers(labAsGiven(colour), population)), holds: RANGE_HOLDS, population } };
}
