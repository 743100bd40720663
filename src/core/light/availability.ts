import { ASSUMED } from './assumptions';

/** Sky conditions of the IES daylight availability equations. */
export const SKY_CONDITIONS = ['clear', 'partly-cloudy', 'overcast'] as const;
export type SkyCondition = (typeof SKY_CONDITIONS)[number];

/** Atmospheric extinction c and sky illuminance A + B sin^C, kilolux. IES RP-21 (coefficients from memory). */
const AVAILABILITY: Readonly<Record<SkyCondition, { c: number | undefined; a: number; b: number; power: number }>> = {
  clear: { c: ASSUMED.clearExtinction.value, a: 0.8, b: 15.5, power: 0.5 },
  'partly-cloudy': { c: 0.8, a: 0.3, b: 45, power: 1 },
  overcast: { c: undefined, a: 0.3, b: 21, power: 1 },
};

/** Solar illuminance constant of the IES equations, lux. */
const SOLAR_CONSTANT_LUX = 127_500;

const RAD = Math.PI / 180;

/** Altitude at which civil twilight ends, degrees. */
const CIVIL_TWILIGHT_DEG = -6;
/** Below this nothing of the day is left. */
const NIGHT_DEG = -12;

/** Share of the sky's light at sunset that is left with the sun below the horizon: it falls evenly in the logarithm. */
function twilightShare(altitudeDeg: number): number {
  if (altitudeDeg < NIGHT_DEG) return 0;
  return (ASSUMED.twilightLux.value / (1000 * AVAILABILITY.clear.a)) ** (altitudeDeg / CIVIL_TWILIGHT_DEG);
}

/** Daylight on the ground, lux: the sun's beam on a surface facing it, and the sky's light on a horizontal surface. */
export type Daylight = { readonly beamNormalLux: number; readonly skyHorizontalLux: number };

/**
 * Daylight available under a sky condition with the sun at an altitude (degrees, without refraction) on a day of the year (1–366). IES RP-21
 * by day, twilight after it down to 12° below the horizon.
 */
export function daylightAvailable(condition: SkyCondition, altitudeDeg: number, dayOfYear: number): Daylight {
  const { c, a, b, power } = AVAILABILITY[condition];
  if (altitudeDeg <= 0) return { beamNormalLux: 0, skyHorizontalLux: 1000 * a * twilightShare(altitudeDeg) };
  const sine = Math.sin(altitudeDeg * RAD);
  const extraterrestrial = SOLAR_CONSTANT_LUX * (1 + 0.034 * Math.cos((2 * Math.PI * (dayOfYear - 2)) / 365));
  return {
    beamNormalLux: c === undefined ? 0 : extraterrestrial * Math.exp(-c / sine),
    skyHorizontalLux: 1000 * (a + b * sine ** power),
  };
}

/** Day of the year, 1–366, of a calendar date (YYYY-MM-DD). */
export const dayOfYear = (date: string): number => {
  const [year, month, day] = date.split('-').map(Number) as [number, number, number];
  return Math.round((Date.UTC(year, month - 1, day) - Date.UTC(year, 0, 1)) / 86_400_000) + 1;
};
