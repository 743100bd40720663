import { leastRecentlyUsed } from '../least-recently-used';

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

/** Calendar date (YYYY-MM-DD) and hours since local midnight (0–24) of an instant, as a wall clock in `zone` shows them. */
export function wallClock(at: number, zone: string): { readonly date: string; readonly hours: number } {
  // making one takes far longer than using it
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
  const part = (type: Intl.DateTimeFormatPartTypes) => parts.find((p) => p.type === type)!.value;
  return {
    date: `${part('year')}-${part('month')}-${part('day')}`,
    hours: Number(part('hour')) + Number(part('minute')) / 60 + Number(part('second')) / 3600,
  };
}

/** "15:20" of hours since midnight. */
export function clockText(hours: number): string {
  const minutes = Math.round(hours * 60);
  return `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
}
