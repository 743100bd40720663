/** What lengths are shown and typed in. Everything is stored in metres. */
export const UNITS = ['metric', 'imperial'] as const;
export type Units = (typeof UNITS)[number];

/** Metres in one international foot (exact, 1959 agreement). */
const METRES_PER_FOOT = 0.3048;

export const lengthUnit = (units: Units): 'm' | 'ft' => (units === 'metric' ? 'm' : 'ft');

/** A length in the visit's unit, from metres. */
export const fromMetres = (metres: number, units: Units): number => (units === 'metric' ? metres : metres / METRES_PER_FOOT);

/** Metres, from a length in the visit's unit. */
export const toMetres = (length: number, units: Units): number => (units === 'metric' ? length : length * METRES_PER_FOOT);

/** A length as it is typed and shown: metres to the centimetre, feet to the hundredth. */
export const lengthText = (metres: number, units: Units): string => String(Math.round(fromMetres(metres, units) * 100) / 100);

/** A number as people type it, with a point or a comma; NaN when it is none. */
export const typedNumber = (text: string): number =>
  /^\s*[-+−]?\d+([.,]\d+)?\s*$/.test(text) ? Number(text.replace('−', '-').replace(',', '.')) : NaN;
