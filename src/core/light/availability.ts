import { ASSUMED } from './assumptions';
import { RAD } from '../base/angles';

/** Sky conditions of the IES daylight availability equations. */
export const SKY_CONDITIONS = ['clear', 'partly-cloudy', 'overcast'] as const;
export type SkyCondition = (typeof SKY_CONDITIONS)[number];

/**
 * Atmospheric extinction c and sky illuminance A + B sin^C, kilolux. IES RP-21 (coefficients found right by an independent computation).
 */
const AVAILABILITY: Readonly<Record<SkyCondition, { c: number | undefined; a: number; b: number; power: number }>> = {
  clear: { c: ASSUMED.clearExtinction.value, a: 0.8, b: 15.5, power: 0.5 },
  'partly-cloudy': { c: 0.8, a: 0.3, b: 45, power: 1 },
  overcast: { c: undefined, a: 0.3, b: 21, power: 1 },
};

/** Solar illuminance constant of the IES equations, lux. */
const SOLAR_CONSTANT_LUX = 127_500;

/** Altitude at which civil twilight ends, degrees. */
const CIVIL_TWILIGHT_DEG = -6;
/** Below this nothing of the day is left. */
const NIGHT_DEG = -12;

/** Up to this altitude of the sun, degrees, dawn goes over into day. */
const RISEN_DEG = 2;
/** How fast twilight falls: the natural logarithm of its light, per degree. */
const TWILIGHT_SLOPE = Math.log(ASSUMED.twilightLux.value / (1000 * AVAILABILITY.clear.a)) / CIVIL_TWILIGHT_DEG;

/** Share of the sky's light at sunset that is left with the sun below the horizon: it falls evenly in the logarithm. */
function twilightShare(altitudeDeg: number): number {
  if (altitudeDeg < NIGHT_DEG) return 0;
  return Math.exp(TWILIGHT_SLOPE * altitudeDeg);
}

/** Sine of an altitude in degrees. */
const sineOf = (altitudeDeg: number): number => Math.sin(altitudeDeg * RAD);

/** The sky's light of the IES equations, lux, and its slope in the logarithm per degree. */
function bySun(condition: SkyCondition, altitudeDeg: number): { readonly lux: number; readonly slope: number } {
  const { a, b, power } = AVAILABILITY[condition];
  const sine = sineOf(altitudeDeg);
  const lux = 1000 * (a + b * sine ** power);
  return { lux, slope: (1000 * b * power * sine ** (power - 1) * Math.cos(altitudeDeg * RAD) * RAD) / lux };
}

/**
 * The sky's light with the sun up to `risenDeg`, lux: the equations, whose slope is endless or sudden on the horizon, are met there by a
 * smooth curve in the logarithm that goes on as twilight falls. Cubic Hermite interpolation.
 */
function sunriseLux(condition: SkyCondition, altitudeDeg: number): number {
  const end = bySun(condition, RISEN_DEG);
  const start = Math.log(1000 * AVAILABILITY[condition].a);
  const rise = Math.log(end.lux) - start;
  const t = altitudeDeg / RISEN_DEG;
  const [m0, m1] = [TWILIGHT_SLOPE * RISEN_DEG, end.slope * RISEN_DEG];
  return Math.exp(start + t * (m0 + t * (3 * rise - 2 * m0 - m1 + t * (m0 + m1 - 2 * rise))));
}

/** Daylight on the ground, lux: the sun's beam on a surface facing it, and the sky's light on a horizontal surface. */
export type Daylight = { readonly beamNormalLux: number; readonly skyHorizontalLux: number };

/**
 * Daylight available under a sky condition with the sun at an altitude (degrees, without refraction) on a day of the year (1–366). IES
 * RP-21 by day, twilight after it down to 12° below the horizon, a smooth curve between them up to 2°.
 */
export function daylightAvailable(condition: SkyCondition, altitudeDeg: number, dayOfYear: number): Daylight {
  const { c, a } = AVAILABILITY[condition];
  if (altitudeDeg <= 0) return { beamNormalLux: 0, skyHorizontalLux: 1000 * a * twilightShare(altitudeDeg) };
  const extraterrestrial = SOLAR_CONSTANT_LUX * (1 + 0.034 * Math.cos((2 * Math.PI * (dayOfYear - 2)) / 365));
  return {
    beamNormalLux: c === undefined ? 0 : extraterrestrial * Math.exp(-c / sineOf(altitudeDeg)),
    skyHorizontalLux: altitudeDeg < RISEN_DEG ? sunriseLux(condition, altitudeDeg) : bySun(condition, altitudeDeg).lux,
  };
}

/** Day of the year, 1–366, of a calendar date (YYYY-MM-DD). */
export const dayOfYear = (date: string): number => {
  const [year, month, day] = date.split('-').map(Number) as [number, number, number];
  return Math.round((Date.UTC(year, month - 1, day) - Date.UTC(year, 0, 1)) / 86_400_000) + 1;
};
