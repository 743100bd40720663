import { wallClock } from './time-zone';

/** Minutes between two moments of a day. */
export const STEP_MINUTES = 15;
const STEP_MS = STEP_MINUTES * 60_000;
const DAY_MS = 86_400_000;

/**
 * Every quarter of an hour of a calendar date (YYYY-MM-DD) in a zone, as instants from local midnight on: 96, or 92 and 100 on the days
 * the clocks change by an hour.
 */
export function dayMoments(date: string, zone: string): number[] {
  const start = Date.parse(`${date}T00:00:00Z`) - DAY_MS;
  const instants = Array.from({ length: (3 * DAY_MS) / STEP_MS }, (_, k) => start + k * STEP_MS);
  // the zone's midnight lies within a day of Greenwich's on either side
  const from = firstWhere(instants, (at) => wallClock(at, zone).date >= date);
  const to = firstWhere(instants, (at) => wallClock(at, zone).date > date);
  return instants.slice(from, to);
}

/** First index at which a condition that never turns back holds; the length when it never does. */
function firstWhere(instants: readonly number[], holds: (at: number) => boolean): number {
  let [low, high] = [0, instants.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (holds(instants[middle]!)) high = middle;
    else low = middle + 1;
  }
  return low;
}

/**
 * The first instant at which a wall clock in a zone shows so many hours (0–24) or more on a date: where the clocks go back the earlier of
 * two, where they leap over it the instant they leap to. To the minute.
 */
export function instantOf(date: string, zone: string, hour: number): number {
  const moments = dayMoments(date, zone);
  const quarter = Math.floor(hour * 4 + 1e-6) / 4;
  const from = moments.find((at) => wallClock(at, zone).hours >= quarter - 1e-6);
  if (from === undefined) return moments.at(-1)! + STEP_MS;
  const rest = Math.max(0, Math.round((hour - wallClock(from, zone).hours) * 60));
  return from + Math.min(rest, STEP_MINUTES - 1) * 60_000;
}
