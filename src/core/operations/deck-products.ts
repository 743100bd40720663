import { z } from 'zod';
import { textSchema } from '../base/fields';
import { productLinesSchema } from '../paint/product-lines';
import { operation } from './operation';

/** Says what a maker's products are called on its tins. */
export const deckProducts = operation(
  z.strictObject({ name: z.literal('deck.products'), makerId: textSchema(200).min(1), products: productLinesSchema }),
  (visit) => visit,
);
