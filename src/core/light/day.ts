import { getTimes } from 'suncalc';

/** Sunrise, solar noon and sunset as instants (epoch milliseconds), or why there is no sunrise (beyond the polar circles). */
export type Day =
  | { readonly kind: 'rises'; readonly sunrise: number; readonly noon: number; readonly sunset: number }
  | { readonly kind: 'sun-stays-up' | 'sun-stays-down'; readonly noon: number };

/** Degrees north and east. */
export type Place = { readonly latitude: number; readonly longitude: number };

/**
 * The sun's day at a place, for the solar day that holds the instant `at` (epoch milliseconds). Sunrise and sunset of the upper limb
 * with standard refraction, within about a minute at moderate latitudes (suncalc, after Meeus 1998).
 */
export function solarDay(at: number, { latitude, longitude }: Place): Day {
  const times = getTimes(new Date(at), latitude, longitude);
  const noon = times.solarNoon.getTime();
  if (times.alwaysUp) return { kind: 'sun-stays-up', noon };
  if (times.alwaysDown || !times.sunrise || !times.sunset) return { kind: 'sun-stays-down', noon };
  return { kind: 'rises', sunrise: times.sunrise.getTime(), noon, sunset: times.sunset.getTime() };
}
