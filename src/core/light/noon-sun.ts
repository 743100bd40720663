import { solarDay, type Day, type Place } from './day';
import { sunPosition } from './sun';

/** Half-width of what is told as overhead, degrees from the zenith. Own choice: nobody tells a side any nearer. */
const OVERHEAD_DEG = 2;
/** Latitude of the tropics, degrees (obliquity of the ecliptic, 23.44°). */
const TROPIC_DEG = 23.44;

export type SunToday = {
  readonly day: Day;
  /** Where the sun stands at solar noon. */
  readonly noon: 'north' | 'south' | 'overhead';
  /** Whether it stands there at every noon of the year. */
  readonly always: boolean;
};

/** Which way the sun stands at noon at a place, on the day that holds the instant `at` (epoch milliseconds), and its day. */
export function sunToday(at: number, place: Place): SunToday {
  const day = solarDay(at, place);
  const { azimuthDeg, altitudeDeg } = sunPosition(day.noon, place);
  const side = azimuthDeg < 90 || azimuthDeg > 270 ? 'north' : 'south';
  const noon = altitudeDeg > 90 - OVERHEAD_DEG ? 'overhead' : side;
  return { day, noon, always: Math.abs(place.latitude) > TROPIC_DEG };
}
