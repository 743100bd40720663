import { z } from 'zod';
import { wordsSchema } from '../base/fields';
import { PRODUCTS, type Product } from './product';

const line = wordsSchema(120).default('');

/** What a maker's products are called on the tin, by kind; empty where nobody said. */
export const productLinesSchema = z.strictObject(
  Object.fromEntries(PRODUCTS.map((p) => [p, line])) as Record<Product, typeof line>,
);
export type ProductLines = Readonly<z.infer<typeof productLinesSchema>>;

/** Where nobody said. */
export const NO_PRODUCT_LINES: ProductLines = productLinesSchema.parse({});
