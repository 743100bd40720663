import type { AnyDescription } from '../light/any-room';
import type { SceneLight } from '../appearance/scene';
import {
  dayLightSteps,
  onWalls,
  positionLights,
  roomLight,
  together,
  type DayLight,
  type PositionLight,
  type Prepared,
} from '../light/day-light';
import { dayMoments } from '../light/day-moments';
import type { LightRoom } from '../light/light-room';
import { outdoorsAt, outdoorsDark, type Outdoors, type SkyName } from '../light/outdoors';
import type { Place } from '../light/day';
import { shapeKey, shapeOf, type RoomShape } from '../light/room-shape';
import { wallClock } from '../light/time-zone';
import { leastRecentlyUsed } from '../base/least-recently-used';
import { engineRoomOf, positionsOf, preparedFor, type EngineRoom, type Where } from './engine-rooms';
import { sceneOf } from './looks';
import type { Steps } from './steps';
import type { DayRequest, LookIn, NoAnswer } from './light-protocol';

const shapes = leastRecentlyUsed<RoomShape>(12);
const rooms = leastRecentlyUsed<ReturnType<typeof engineRoomOf>>(40);
const prepared = leastRecentlyUsed<Prepared>(40);
export type KnownDay = { readonly moments: readonly number[]; readonly skies: readonly SkyName[]; readonly day: DayLight };

/** A room by its description, with the first thing that keeps it from being. */
export const roomOf = (description: AnyDescription) => rooms(JSON.stringify(description), () => engineRoomOf(description));

/** The patches of a room, and what each sees. */
export const shapeFor = (room: LightRoom): RoomShape => shapes(shapeKey(room), () => shapeOf(room));

/** A room made ready at some of its positions. */
export const prepare = (description: AnyDescription, where: Where): Prepared =>
  prepared(where + JSON.stringify(description), () => preparedFor(roomOf(description).room, where, shapeFor));

export const cannotBe = (says: string): NoAnswer => ({ ok: false, reason: 'cannot-be', says });

function skiesOf({ skies, zone }: DayRequest, moments: readonly number[]): readonly SkyName[] {
  if (typeof skies === 'string') return moments.map(() => skies);
  return moments.map((at) => skies[Math.floor(wallClock(at, zone).hours)] ?? skies.at(-1)!);
}

type Outside = { readonly at: number; readonly place: Place; readonly date: string; readonly sky: SkyName };
/** The light outside is one to every room of a house. */
const outsides = leastRecentlyUsed<Outdoors>(400);
const outside = (when: Outside): Outdoors => outsides(JSON.stringify(when), () => outdoorsAt(when));

/** Days that were computed, by what they depend on. */
const days = new Map<string, KnownDay>();
const MOST_DAYS = 30;

const keyOf = ({ room, place, date, zone, skies }: DayRequest): string => JSON.stringify([room, place, date, zone, skies]);

/** A room's light through a day: known, or computed now. */
export function* dayOf(request: DayRequest): Steps<KnownDay> {
  const key = keyOf(request);
  const known = days.get(key);
  if (known) return known;
  const moments = dayMoments(request.date, request.zone);
  const skies = skiesOf(request, moments);
  yield 0;
  const ready = prepare(request.room, 'usual');
  const steps = dayLightSteps(ready, { moments, place: request.place, date: request.date, skies });
  for (;;) {
    const step = steps.next();
    if (step.done) {
      const found = { moments, skies, day: step.value };
      days.set(key, found);
      if (days.size > MOST_DAYS) days.delete(days.keys().next().value!);
      return found;
    }
    yield step.value / moments.length;
  }
}

/** Lights of single moments where a whole day is not known, by what they depend on. */
const singles = leastRecentlyUsed<readonly PositionLight[]>(400);

type Single = Omit<DayRequest, 'skies'> & { readonly at: number; readonly sky: SkyName };

/** Daylight at the usual positions at one moment of {@link dayMoments}: out of the day where that is known, the same number otherwise. */
export function daylightAt({ at, sky, ...request }: Single): readonly PositionLight[] {
  const known = days.get(keyOf({ ...request, skies: sky }));
  if (known) return known.day.daylight[known.moments.indexOf(at)]!;
  const { room, place, date } = request;
  return singles(JSON.stringify([room, place, date, at, sky]), () =>
    positionLights(prepare(room, 'usual'), outside({ at, place, date, sky }), false),
  );
}

const byLamps = leastRecentlyUsed<readonly PositionLight[]>(40);

/** All lamps alone at the usual positions. */
export const lampsOf = (room: AnyDescription): readonly PositionLight[] =>
  byLamps(JSON.stringify(room), () => positionLights(prepare(room, 'usual'), outdoorsDark(), true));

/** The lights of one moment of a day, with the lamps if they are on. */
export const lightsOf = ({ day: found }: KnownDay, moment: number, lampsOn: boolean): readonly PositionLight[] =>
  lampsOn ? found.daylight[moment]!.map((light, p) => together(light, found.lamps[p]!)) : found.daylight[moment]!;

/** What the eye is in at a usual position; undefined in the dark. */
export const sceneAt = (lights: readonly PositionLight[], place: number, scale: number): SceneLight | undefined =>
  sceneOf(lights[place]!, roomLight(onWalls(lights)), scale);

/** The same at every moment of a day. */
export const scenesThrough = (known: KnownDay, place: number, { lampsOn, scale }: LookIn): (SceneLight | undefined)[] =>
  known.moments.map((_, m) => sceneAt(lightsOf(known, m, lampsOn), place, scale));

/** Index of a usual position of a room; the first when it has none of that name. */
export const placeOf = (room: EngineRoom, position: string): number =>
  Math.max(
    0,
    positionsOf(room, 'usual').findIndex((p) => p.name === position),
  );

/** The moment the sun stands highest. */
export const midday = ({ day: found }: KnownDay): number =>
  found.sun.reduce((best, p, m) => (p.altitudeDeg > found.sun[best]!.altitudeDeg ? m : best), 0);
