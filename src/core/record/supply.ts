import { z } from 'zod';
import { finite, wordsSchema } from '../base/fields';
import { PRODUCTS } from '../paint/product';
import { USUAL_COVERAGE } from '../plan/sample-pots';
import { USUAL_SPREADING, USUAL_WASTE } from '../paint/quantity';

const spreading = finite('A spreading rate is a number of square metres a litre.')
  .gt(0, 'A spreading rate must be more than 0: no paint covers nothing.')
  .max(40, 'A spreading rate is at most 40 m² a litre.');

const covered = finite('What a pot covers is an area.').gt(0, 'A pot covers more than 0.').max(50, 'A pot covers at most 50 m².');
const price = finite('A price is a number.')
  .min(0, 'A price cannot be less than 0.')
  .max(100_000, 'That price is too high.')
  .nullable();

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
  /** What a sample pot covers in two coats, m², and what is paid for what samples need; null where no price is known. */
  samples: z
    .strictObject({
      pintM2: covered.default(USUAL_COVERAGE.pint),
      jarM2: covered.default(USUAL_COVERAGE['sample-jar']),
      pint: price.default(null),
      jar: price.default(null),
      board: price.default(null),
      card: price.default(null),
      currency: wordsSchema(8).default(''),
    })
    .prefault({}),
  /** Where the paint is bought, as the client calls it. */
  counter: wordsSchema(200).default(''),
});
type SpreadingShape = Record<(typeof PRODUCTS)[number], z.ZodDefault<typeof spreading>>;
export type Supply = Readonly<z.infer<typeof supplySchema>>;
