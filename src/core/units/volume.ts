import { M2_PER_SQ_FT } from './area';
import type { Units } from './length';

/** Litres in one US gallon: 231 in³ (NIST Handbook 44, appendix C; exact). */
export const LITRES_PER_GALLON = 3.785411784;

const tenths = (value: number) => (Math.ceil(value * 10 - 1e-9) / 10).toFixed(1);

/**
 * What is needed, rounded up, so that it is never too little: "5.2 l", "1.4 gal".
 *
 * @example sayNeed(5.2, 'imperial') // → '1.4 gal'
 */
export const sayNeed = (litres: number, units: Units): string =>
  units === 'metric' ? `${tenths(litres)} l` : `${tenths(litres / LITRES_PER_GALLON)} gal`;

/**
 * Parts of a need, each as it is told (tenths of a litre or gallon), so that together they make what is told of the whole: rounded down,
 * and what is left given to the parts that lost most.
 *
 * @returns tenths, by part
 */
export function tenthsOf(litres: readonly number[], units: Units): number[] {
  const of = litres.map((l) => (10 * l) / (units === 'metric' ? 1 : LITRES_PER_GALLON));
  const down = of.map((v) => Math.floor(v + 1e-9));
  const whole = Math.ceil(of.reduce((s, v) => s + v, 0) - 1e-9);
  const left = whole - down.reduce((s, v) => s + v, 0);
  const most = [...of.keys()].sort((p, q) => of[q]! - down[q]! - (of[p]! - down[p]!) || p - q).slice(0, left);
  return down.map((v, k) => (most.includes(k) ? v + 1 : v));
}

/** "5.2 l" of tenths as {@link tenthsOf} gives them. */
export const sayTenths = (n: number, units: Units): string => `${(n / 10).toFixed(1)} ${units === 'metric' ? 'l' : 'gal'}`;

/** How far a litre goes, as it is typed: m² a litre, or square feet a gallon. */
export const spreadingText = (m2PerL: number, units: Units): string =>
  units === 'metric' ? String(Math.round(m2PerL * 10) / 10) : String(Math.round((m2PerL * LITRES_PER_GALLON) / M2_PER_SQ_FT));
/** @example spreadingOf(400, 'imperial') // → 9.817 */
export const spreadingOf = (typed: number, units: Units): number =>
  units === 'metric' ? typed : (typed * M2_PER_SQ_FT) / LITRES_PER_GALLON;
export const spreadingUnit = (units: Units): string => (units === 'metric' ? 'm² a litre' : 'sq ft a gallon');

/** Litres in one US fluid ounce: a gallon has 128. */
const ML_PER_OUNCE = (1000 * LITRES_PER_GALLON) / 128;
/** Parts of an ounce that a counter pours by: 96ths, as most dispensers there are marked. Common practice, no source. */
const PARTS_OF_OUNCE = 96;

/**
 * Colourant as a counter measures it: "3.10 ml", or ounces and their 96th parts: "10/96 oz", "1 oz 12/96". Under a part it is told as one
 * half: never as none.
 */
export function sayTint(ml: number, tint: 'millilitres' | 'ounces'): string {
  if (tint === 'millilitres') return `${ml.toFixed(ml < 10 ? 2 : 1)} ml`;
  const halves = Math.max(1, Math.round((2 * PARTS_OF_OUNCE * ml) / ML_PER_OUNCE));
  const ounces = Math.floor(halves / (2 * PARTS_OF_OUNCE));
  const rest = (halves % (2 * PARTS_OF_OUNCE)) / 2;
  const parts = `${Math.floor(rest) === 0 && rest > 0 ? '' : Math.floor(rest)}${rest % 1 === 0 ? '' : '½'}`;
  if (rest === 0) return `${ounces} oz`;
  return ounces === 0 ? `${parts}/96 oz` : `${ounces} oz ${parts}/96`;
}

/** What a vessel of so many litres is called where its own name is no measure: "118 ml". */
export const sayMillilitres = (litres: number): string => `${Math.round(litres * 1000)} ml`;
