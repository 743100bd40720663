import { addDays } from 'date-fns/addDays';
import { formatISO } from 'date-fns/formatISO';
import { parseISO } from 'date-fns/parseISO';
import { leastRecentlyUsed } from '../base/least-recently-used';

/** True when `zone` is a time zone this runtime knows (IANA name). */
export function isTimeZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat('en-GB', { timeZone: zone });
    return zone.length > 0;
  } catch {
    return false;
  }
}

const MOST_ZONES = 24;
const clockOf = leastRecentlyUsed<Intl.DateTimeFormat>(MOST_ZONES);

/**
 * Zones change their offset on the quarter of an hour only (IANA time zone database, every zone since 1972), so one offset holds for
 * each.
 */
const QUARTER_MS = 15 * 60_000;
const MOST_QUARTERS = 1000;
const offsetOf = leastRecentlyUsed<number>(MOST_QUARTERS);

/** Milliseconds by which the wall clock of a zone is ahead of UTC at an instant. */
function offsetAt(at: number, zone: string): number {
  // making a formatter takes far longer than using it
  const clock = clockOf(
    zone,
    () =>
      new Intl.DateTimeFormat('en-GB', {
        timeZone: zone,
        hourCycle: 'h23',
        year: 'numeric',
        month: '2-digit',
        day: '2-digit',
        hour: '2-digit',
        minute: '2-digit',
        second: '2-digit',
      }),
  );
  const parts = clock.formatToParts(new Date(at));
  const part = (type: Intl.DateTimeFormatPartTypes) => Number(parts.find((p) => p.type === type)!.value);
  return Date.UTC(part('year'), part('month') - 1, part('day'), part('hour'), part('minute'), part('second')) - at;
}

/**
 * Calendar date (YYYY-MM-DD) and hours since local midnight (0–24) of an instant, as a wall clock in `zone` shows them.
 *
 * @example wallClock(Date.parse('2026-07-01T12:30:00Z'), 'Europe/London').hours // → 13.5
 */
export function wallClock(at: number, zone: string): { readonly date: string; readonly hours: number } {
  const quarter = Math.floor(at / QUARTER_MS);
  const offset = offsetOf(`${zone} ${quarter}`, () => offsetAt(quarter * QUARTER_MS, zone));
  const shown = new Date(at + offset);
  return {
    date: shown.toISOString().slice(0, 10),
    hours: shown.getUTCHours() + shown.getUTCMinutes() / 60 + (shown.getUTCSeconds() + shown.getUTCMilliseconds() / 1000) / 3600,
  };
}

/**
 * The calendar date (YYYY-MM-DD) after the one an instant has in a zone: tomorrow there, whatever its clocks do tonight.
 *
 * @example dayAfter(Date.parse('2026-12-31T23:30:00Z'), 'Europe/Berlin') // → '2027-01-02'
 */
export const dayAfter = (at: number, zone: string): string =>
  formatISO(addDays(parseISO(wallClock(at, zone).date), 1), { representation: 'date' });

/**
 * "15:20" of hours since midnight.
 *
 * @example clockText(15.34) // → '15:20'
 */
export function clockText(hours: number): string {
  const minutes = Math.round(hours * 60);
  return `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
}
