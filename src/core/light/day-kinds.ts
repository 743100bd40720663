import { LIGHTS, type JudgingLight } from '../room/facing';
import { isInUse, type RoomUse } from '../room/use';
import type { DayThere } from './dark-hours';
import type { Place } from './day';
import { dayMoments } from './day-moments';
import type { SkyName } from './outdoors';
import { sunPosition } from './sun';
import { hasDaylight, sunIn, type SunRoom } from './sun-side';
import { wallClock } from './time-zone';

/** The sun at its centre on the horizon, degrees: lower the lamps rule. */
const DAY_ALTITUDE_DEG = 0;

/** A moment of light in a room: by daylight, with the lamps or by them alone. */
type Moment = { readonly at: number; readonly sky: SkyName; readonly lampsOn: boolean };

/**
 * The kind of light a moment in a room is of. Lamps by day are a kind of their own, under any sky that lets no sun in; where the sun comes
 * in it rules, lamps or not. A room without windows knows lamps alone.
 */
export function kindAt(room: SunRoom, place: Place, { at, sky, lampsOn }: Moment): JudgingLight {
  const sun = sunPosition(at, place);
  if (lampsOn && (!hasDaylight(room) || sun.altitudeDeg <= DAY_ALTITUDE_DEG)) return 'lamps';
  const comesIn = sky === 'overcast' ? undefined : sunIn(room, sun);
  if (comesIn) return comesIn;
  if (lampsOn) return 'lamps-by-day';
  return sky === 'overcast' ? 'overcast' : 'no-sun';
}

/** A kind of light is one of the room from so many quarters of an hour on. Own choice: half an hour is long enough to mind, and to look. */
const LEAST_QUARTERS = 2;

/**
 * The quarters of an hour of a clear day in a room's hours of use, by their kind of light; of the whole day where it is dark in those
 * hours.
 */
export function clearDayKinds(
  room: SunRoom,
  { date, zone, place }: DayThere,
  use: RoomUse,
): ReadonlyMap<JudgingLight, readonly number[]> {
  const lit = dayMoments(date, zone).filter((at) => sunPosition(at, place).altitudeDeg > DAY_ALTITUDE_DEG);
  const used = lit.filter((at) => isInUse(use, wallClock(at, zone).hours));
  const found = new Map<JudgingLight, number[]>();
  for (const at of used.length >= LEAST_QUARTERS ? used : lit) {
    const kind = kindAt(room, place, { at, sky: 'clear', lampsOn: false });
    found.set(kind, [...(found.get(kind) ?? []), at]);
  }
  return new Map([...found].filter(([, moments]) => moments.length >= LEAST_QUARTERS));
}

/** Some kinds of light, each once, in the order of a day. */
export const inDayOrder = (kinds: Iterable<JudgingLight>): JudgingLight[] => {
  const all = new Set(kinds);
  return LIGHTS.filter((light) => all.has(light));
};
