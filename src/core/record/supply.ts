import { z } from 'zod';
import { finite, wordsSchema } from '../base/fields';
import { PRODUCTS } from '../paint/product';
import { USUAL_SPREADING, USUAL_WASTE } from '../paint/quantity';

const spreading = finite('A spreading rate is a number of square metres a litre.')
  .gt(0, 'A spreading rate must be more than 0: no paint covers nothing.')
  .max(40, 'A spreading rate is at most 40 m² a litre.');

/** What quantities are worked out by. */
export const supplySchema = z.strictObject({
  /** Square metres a litre covers in one coat, by kind of product. */
  spreading: z
    .strictObject(Object.fromEntries(PRODUCTS.map((p) => [p, spreading.default(USUAL_SPREADING[p])])) as SpreadingShape)
    .prefault({}),
  /** Share that stays in roller and tray, 0–1. */
  waste: finite('Waste is a number of percent.')
    .min(0, 'Waste cannot be less than 0 %.')
    .max(0.5, 'Waste is at most 50 %.')
    .default(USUAL_WASTE),
  /** Where the paint is bought, as the client calls it. */
  counter: wordsSchema(200).default(''),
});
type SpreadingShape = Record<(typeof PRODUCTS)[number], z.ZodDefault<typeof spreading>>;
export type Supply = Readonly<z.infer<typeof supplySchema>>;
