import { z } from 'zod';
import { nameSchema } from '@/core/base/fields';
import { leastRecentlyUsed } from '@/core/base/least-recently-used';
import { colourSchema, labTupleSchema } from '@/core/colour/colour-schema';
import { reflectanceOfColour } from '@/core/colour/given-colour';
import { labFromXyz } from '@/core/colour/lab';
import { D65_10, tristimulus } from '@/core/colour/tristimulus';
import type { Surface } from '@/core/judge/surfaces';
import { atStrength } from '@/core/paint/strength';
import { strengthSchema } from '@/core/record/candidate';

/** A deck as a request gives it: its colours, its base, and the strengths that are looked through, percent. */
export const deckSchema = z.object({
  deck: z
    .array(z.intersection(z.object({ id: nameSchema }), colourSchema))
    .min(1)
    .max(20_000),
  base: z.union([labTupleSchema, colourSchema]).optional(),
  strengths: z.array(strengthSchema).min(1).max(8).default([100]),
});

/** Request after request asks of the same deck: so many surfaces are kept. */
const surfaces = leastRecentlyUsed<Surface>(20_000);

/** The surface of a colour as it is given: its measured curve, or the smoothest that has its Lab. */
export const surfaceOf = (colour: z.infer<typeof colourSchema>): Surface =>
  surfaces(JSON.stringify('lab' in colour ? colour.lab : colour), () => {
    const reflectance = reflectanceOfColour(colour);
    return { reflectance, lab: labFromXyz(tristimulus(reflectance, D65_10)) };
  });

export type Sample = Surface & { readonly id: string; readonly strength: number };

/**
 * Every colour at every strength; one that its base cannot make at a strength is left out.
 * @throws RangeError for strengths other than 100 without a base
 */
export function samplesOf({ deck, base, strengths }: z.infer<typeof deckSchema>): Sample[] {
  if (!base && strengths.some((s) => s !== 100)) throw new RangeError('strengths other than 100 need a base');
  const tinted = base && reflectanceOfColour(Array.isArray(base) ? { lab: base } : base);
  return deck.flatMap((colour) => {
    const full = surfaceOf(colour);
    return strengths.flatMap((strength): Sample[] => {
      if (strength === 100) return [{ ...full, id: colour.id, strength }];
      const mixed = atStrength(Float64Array.from(full.reflectance), tinted!, strength / 100);
      return mixed.ok ? [{ lab: mixed.value.lab, reflectance: mixed.value.reflectance, id: colour.id, strength }] : [];
    });
  });
}
