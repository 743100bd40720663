import type { Product } from './product';

/**
 * Square metres a litre covers in one coat. Trade guides for wall paint give 350 to 400 square feet a US gallon (8.6 to 9.8 m²/l),
 * primers less, trim paints on smooth wood more. Common practice, no source; editable.
 */
export const USUAL_SPREADING: Readonly<Record<Product, number>> = {
  wall: 10,
  trim: 12,
  ceiling: 10,
  cabinet: 12,
  outside: 12,
  primer: 9,
};
/** Share that stays in roller and tray. Common practice, no source. */
export const USUAL_WASTE = 0.1;

export type Quantity = {
  readonly areaM2: number;
  readonly coats: number;
  readonly spreadingM2PerL: number;
  readonly waste: number;
};

/**
 * Litres of paint that an area takes: area × coats ÷ spreading rate, and the waste on top.
 *
 * @throws RangeError when the spreading rate is not more than 0, or anything else is less than 0 or no number
 */
export function litresFor({ areaM2, coats, spreadingM2PerL, waste }: Quantity): number {
  if (!(spreadingM2PerL > 0)) throw new RangeError(`spreading rate ${spreadingM2PerL} m²/l: must be more than 0`);
  if (!(areaM2 >= 0 && coats >= 0 && waste >= 0))
    throw new RangeError(`${areaM2} m², ${coats} coats, waste ${waste}: out of range`);
  return ((areaM2 * coats) / spreadingM2PerL) * (1 + waste);
}
