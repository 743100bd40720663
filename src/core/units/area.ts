import type { Units } from './length';

/** Square metres in one square foot (exact: 0.3048²). */
export const M2_PER_SQ_FT = 0.3048 ** 2;

/** Ten and more to the whole, less to a tenth. */
const rounded = (value: number): string => (value >= 9.95 ? String(Math.round(value)) : (Math.round(value * 10) / 10).toFixed(1));

/** "31 m²", "3.4 m²", "334 sq ft". */
export const sayArea = (m2: number, units: Units): string =>
  units === 'metric' ? `${rounded(m2)} m²` : `${rounded(m2 / M2_PER_SQ_FT)} sq ft`;

/**
 * Square metres of an area as it is typed in the visit's units; NaN for none.
 *
 * @example areaOf(100, 'imperial') // → 9.2903
 */
export const areaOf = (typed: number, units: Units): number => (units === 'metric' ? typed : typed * M2_PER_SQ_FT);
/** An area as it is typed: "3.4". */
export const areaText = (m2: number, units: Units): string =>
  String(Math.round((units === 'metric' ? m2 : m2 / M2_PER_SQ_FT) * 10) / 10);
export const areaUnit = (units: Units): string => (units === 'metric' ? 'm²' : 'sq ft');
