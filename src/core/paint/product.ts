import type { PaintedSurface } from './sheen';

/** Kinds of product a surface is painted with. */
export const PRODUCTS = ['wall', 'trim', 'ceiling', 'cabinet', 'outside', 'primer'] as const;
export type Product = (typeof PRODUCTS)[number];
/** Those that carry a colour. */
export const FINISHES = ['wall', 'trim', 'ceiling', 'cabinet', 'outside'] as const satisfies readonly Product[];
export type Finish = (typeof FINISHES)[number];

export const PRODUCT_NAMES: Readonly<Record<Product, string>> = {
  wall: 'wall paint',
  trim: 'trim paint',
  ceiling: 'ceiling paint',
  cabinet: 'cabinet paint',
  outside: 'outside paint',
  primer: 'primer',
};

/** Wall paint on walls, trim paint on trim. Common practice, no source. */
export const FINISH_FOR: Readonly<Record<PaintedSurface | 'built-in' | 'outside', Finish>> = {
  wall: 'wall',
  'feature-wall': 'wall',
  trim: 'trim',
  'trim-in-wall-colour': 'trim',
  door: 'trim',
  cabinet: 'cabinet',
  'built-in': 'trim',
  ceiling: 'ceiling',
  outside: 'outside',
};
