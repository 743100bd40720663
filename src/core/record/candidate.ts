import { z } from 'zod';
import { idSchema, int32Schema, textSchema } from '../base/fields';
import { labSchema } from '../colour/colour-schema';
import { GRID } from '../colour/grid';
import { BASE_KINDS } from '../paint/tint-system';

/** What the deck says of a colour at a strength. */
export const deckFactsSchema = z.strictObject({
  maker: textSchema(200),
  code: textSchema(40),
  name: textSchema(200),
  baseKind: z.enum(BASE_KINDS),
  /** The strengths usually offered, each with its Lab (D65, 10°) in the maker's own base. */
  offered: z
    .array(z.strictObject({ strength: z.int(), lab: labSchema }))
    .max(20)
    .readonly(),
  /** The maker's colour at this strength, Lab (D65, 10°). */
  lab: labSchema,
  /** Its reflectance on the grid (380–780 nm, 5 nm) when colour and base are known by more than their Lab; null otherwise. */
  spectrum: z.array(z.number()).length(GRID.count).readonly().nullable(),
  /** True when another maker sells a different colour under this name. */
  sharedName: z.boolean(),
});
export type DeckFacts = Readonly<z.infer<typeof deckFactsSchema>>;

/** Percent of the formula. */
export const strengthSchema = z.int().min(10).max(150);

/** A colour of the deck at a strength, tried in a room. */
export const candidateSchema = z.strictObject({
  id: idSchema,
  deckColourId: textSchema(200).min(1),
  strength: strengthSchema,
  /** Its place among the colours of the room; the strengths of one colour share it. */
  ordinal: int32Schema,
  ...deckFactsSchema.shape,
});
export type Candidate = Readonly<z.infer<typeof candidateSchema>>;
