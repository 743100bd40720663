import { z } from 'zod';
import { finite, wordsSchema } from '../base/fields';
import { PRODUCTS, type Product } from './product';

const line = wordsSchema(120).default('');

/** What a maker sells to try a colour with: what it is called, and m² it covers in two coats. */
export const testPotSchema = z.strictObject({
  called: wordsSchema(80).min(1, 'What is it called? Such as “tester, 250 ml”.'),
  coversM2: finite('What a pot covers is an area.').gt(0, 'A pot covers more than 0.').max(50, 'A pot covers at most 50 m².'),
});
export type TestPot = Readonly<z.infer<typeof testPotSchema>>;

/** What a maker's products are called on the tin, by kind, empty where nobody said; and its test pot, null where nobody said. */
export const productLinesSchema = z.strictObject({
  ...(Object.fromEntries(PRODUCTS.map((p) => [p, line])) as Record<Product, typeof line>),
  testPot: testPotSchema.nullable().default(null),
});
/** Whether anybody said anything of a maker's products. */
export const isSaid = (products: ProductLines): boolean => PRODUCTS.some((p) => products[p] !== '') || products.testPot !== null;
export type ProductLines = Readonly<z.infer<typeof productLinesSchema>>;

/** Where nobody said. */
export const NO_PRODUCT_LINES: ProductLines = productLinesSchema.parse({});
