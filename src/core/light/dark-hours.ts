import { dayMoments } from './day-moments';
import type { Place } from './day';
import { sunPosition } from './sun';

/** The sun at the end of civil twilight, degrees: below it is dark outside. */
export const NIGHT_ALTITUDE_DEG = -6;

/** A calendar date in a zone, at a place. */
export type DayThere = { readonly date: string; readonly zone: string; readonly place: Place };

/** Whether it gets dark in the evening of a day: not in a northern or southern summer. */
export function getsDark(day: DayThere): boolean {
  const [from, last] = darkHours(day);
  return from < last;
}

/** First and last moment of a day's evening dark; the last moment twice where it never gets dark. */
export function darkHours({ date, zone, place }: DayThere): readonly [from: number, to: number] {
  const moments = dayMoments(date, zone);
  const last = moments.at(-1)!;
  const altitudes = moments.map((at) => sunPosition(at, place).altitudeDeg);
  const noon = altitudes.indexOf(Math.max(...altitudes));
  return [moments.find((_, m) => m > noon && altitudes[m]! < NIGHT_ALTITUDE_DEG) ?? last, last];
}
