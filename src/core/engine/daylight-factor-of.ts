import { leastRecentlyUsed } from '../base/least-recently-used';
import type { AnyDescription } from '../light/any-room';
import { averageDaylightFactor, computedDaylightFactor } from '../light/daylight-factor';
import { plannedAverageDaylightFactor, plannedComputedDaylightFactor } from '../light/plan/planned-daylight-factor';
import { isPlanned, type EngineRoom } from './engine-rooms';
import { cannotBe, roomOf } from './known-days';
import type { DaylightFactorAnswer, NoAnswer } from './light-protocol';
import { plannedShape } from './planned-shapes';
import type { Steps } from './steps';

type Factors = Pick<DaylightFactorAnswer, 'formula' | 'computed'>;

/** Daylight factors depend on the room alone, not on the day. */
const factors = leastRecentlyUsed<Factors>(40);

function factorsOf(room: EngineRoom): Factors {
  if (!isPlanned(room)) return { formula: averageDaylightFactor(room), computed: computedDaylightFactor(room) };
  const shape = plannedShape(room);
  return {
    formula: plannedAverageDaylightFactor(shape.known),
    computed: plannedComputedDaylightFactor(room.rooms, room.doors, shape),
  };
}

/** The daylight factor of a room: by the published formula and as it is computed here. */
export function* daylightFactorOf(description: AnyDescription): Steps<DaylightFactorAnswer | NoAnswer> {
  const { room, problem } = roomOf(description);
  if (problem) return cannotBe(problem);
  return { ok: true, ...factors(JSON.stringify(description), () => factorsOf(room)) };
}
