import { together } from '../light/day-light';
import { positionsOf, sunHoursOf } from './engine-rooms';
import { cannotBe, dayOf, roomOf } from './known-days';
import type { Steps } from './steps';
import type { DayAnswer, DayRequest, NoAnswer, TintedLight } from './light-protocol';
import { tinted } from './light-tint';

/** A room through a day: lights at its usual positions, sun hours. */
export function* day(request: DayRequest): Steps<DayAnswer | NoAnswer> {
  const { room, problem } = roomOf(request.room);
  if (problem) return cannotBe(problem);
  const { moments, skies, day: found } = yield* dayOf(request);
  const daylight: TintedLight[][] = [];
  const withLamps: TintedLight[][] = [];
  for (const lights of found.daylight) {
    daylight.push(lights.map(tinted));
    withLamps.push(lights.map((light, p) => tinted(together(light, found.lamps[p]!))));
    yield 0.9 + (0.1 * daylight.length) / moments.length;
  }
  return {
    ok: true,
    moments,
    skies,
    sun: found.sun,
    positions: positionsOf(room, 'usual').map((p) => p.name),
    daylight,
    withLamps,
    lamps: found.lamps.map(tinted),
    sunHours: sunHoursOf(room, found.sun),
  };
}
