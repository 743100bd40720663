import { z } from 'zod';
import { labSchema, spectrumSchema } from '@/core/colour/colour-schema';
import { GRID } from '@/core/colour/grid';
import { BASE_KINDS } from '@/core/paint/tint-system';

/** What the deck's tables may hold; every row is parsed on its way out, so that a damaged file is noticed where it is read. */
const deckHead = {
  id: z.string(),
  makerId: z.string(),
  maker: z.string(),
  code: z.string(),
  name: z.string(),
  strip: z.string(),
  step: z.number(),
  ...labSchema.shape,
  lrv: z.number().nullable(),
  baseKnown: z.boolean(),
  sharedName: z.boolean(),
};
export const deckListRow = z.object({
  ...deckHead,
  baseKind: z.enum(BASE_KINDS),
  measured: z.boolean(),
  hasFormula: z.boolean(),
});
export const deckColourRow = z.object({
  ...deckHead,
  baseId: z.string(),
  spectrum: spectrumSchema.nullable(),
  formula: z.record(z.string(), z.number()).nullable(),
  tintSystemId: z.string().nullable(),
});
const curve = z.array(z.number()).length(GRID.count);
export const baseRow = z.object({
  id: z.string(),
  makerId: z.string(),
  kind: z.enum(BASE_KINDS),
  name: z.string(),
  ...labSchema.shape,
  spectrum: spectrumSchema.nullable(),
  optical: z.object({ k: curve, s: curve, film: z.number() }).nullable(),
});
export const tintSystemRow = z.object({
  id: z.string(),
  name: z.string(),
  shotMl: z.number(),
  surface: z.object({ k1: z.number(), k2: z.number() }),
  colourants: z.array(z.object({ id: z.string(), name: z.string(), k: curve, s: curve })),
});
export type DeckListRow = z.infer<typeof deckListRow>;
export type DeckColourRow = z.infer<typeof deckColourRow>;
export type BaseRow = z.infer<typeof baseRow>;
export type TintSystemRow = z.infer<typeof tintSystemRow>;
