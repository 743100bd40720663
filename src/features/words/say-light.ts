import { leastRecentlyUsed } from '@/core/base/least-recently-used';
import { clockText, wallClock } from '@/core/light/time-zone';
import type { RoomItself } from '@/core/record/room';
import type { RoomWindow } from '@/core/record/window';
import { wallOfPosition } from '@/core/room/wall-position';
import { wallName } from '@/core/room/facing';

/** A sample position in words: "at the north wall", "by the window". */
export function sayPosition(room: Pick<RoomItself, 'bearingDeg' | 'windows' | 'shape'>, position: string): string {
  if (position === 'by-window') return 'by the window';
  if (position === 'under-lamp') return 'under the lamp';
  const wall = wallOfPosition(position);
  return wall === undefined ? position : `at the ${wallName(room, wall)}`;
}

export const sayWindow = (room: Pick<RoomItself, 'bearingDeg' | 'shape'>, window: Pick<RoomWindow, 'wall'>): string =>
  `${wallName({ ...room, windows: [] }, window.wall).replace(' wall', '')} window`;

/** Lux with sensible digits: "0 lx", "34 lx", "940 lx", "12,400 lx". */
export function sayLux(lux: number): string {
  const ofMany = lux < 1000 ? 10 : 100;
  const digits = lux < 10 ? 1 : ofMany;
  const rounded = lux < 1 ? Math.round(lux * 10) / 10 : Math.round(lux / digits) * digits;
  return `${rounded.toLocaleString('en-GB')} lx`;
}

/** Kelvin to the hundred: "5,100 K"; beyond 15,000 K only that it is very blue. */
export function sayKelvin(kelvin: number | null): string {
  if (kelvin === null) return 'no light';
  return kelvin > 15_000 ? 'over 15,000 K' : `${(Math.round(kelvin / 100) * 100).toLocaleString('en-GB')} K`;
}

/** "15:20" of an instant, as a wall clock in the zone shows it. */
export const sayClock = (at: number, zone: string): string => clockText(wallClock(at, zone).hours);

const dates = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' });

/** "23 Sep" of a calendar date. */
export const sayDate = (date: string): string => dates.format(new Date(`${date}T12:00Z`));

const MOST_ZONES = 8;
const whenIn = leastRecentlyUsed<Intl.DateTimeFormat>(MOST_ZONES);

/** "23 Sep, 15:20" of an instant, as a wall clock in the zone shows it. */
export function sayWhen(instant: string, zone: string): string {
  const parts = { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' } as const;
  return whenIn(zone, () => new Intl.DateTimeFormat('en-GB', { ...parts, timeZone: zone })).format(new Date(instant));
}
