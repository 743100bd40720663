import { M2_PER_SQ_FT } from './area';
import type { Units } from './length';

/** Litres in one US gallon: 231 in³ (NIST Handbook 44, appendix C; exact). */
export const LITRES_PER_GALLON = 3.785411784;

const tenths = (value: number) => (Math.ceil(value * 10 - 1e-9) / 10).toFixed(1);

/** What is needed, rounded up, so that it is never too little: "5.2 l", "1.4 gal". */
export const sayNeed = (litres: number, units: Units): string =>
  units === 'metric' ? `${tenths(litres)} l` : `${tenths(litres / LITRES_PER_GALLON)} gal`;

/** How far a litre goes, as it is typed: m² a litre, or square feet a gallon. */
export const spreadingText = (m2PerL: number, units: Units): string =>
  units === 'metric' ? String(Math.round(m2PerL * 10) / 10) : String(Math.round((m2PerL * LITRES_PER_GALLON) / M2_PER_SQ_FT));
export const spreadingOf = (typed: number, units: Units): number =>
  units === 'metric' ? typed : (typed * M2_PER_SQ_FT) / LITRES_PER_GALLON;
export const spreadingUnit = (units: Units): string => (units === 'metric' ? 'm² a litre' : 'sq ft a gallon');
