import type { RoomDescription } from '../light/room-description';
import { firstProblem } from '../light/say-room-problem';
import { lightRoomOf } from '../light/light-room-of';
import type { SceneLight } from '../appearance/scene';
import { dayLightSteps, positionLights, roomLight, together, type DayLight, type PositionLight } from '../light/day-light';
import { dayMoments } from '../light/day-moments';
import type { LightRoom } from '../light/light-room';
import { outdoorsAt, outdoorsDark, type Outdoors, type SkyName } from '../light/outdoors';
import { prepareRoom, type PreparedRoom } from '../light/prepare-room';
import type { Place } from '../light/day';
import { shapeKey, shapeOf, type RoomShape } from '../light/room-shape';
import { slidePositions, usualPositions, wallPositions } from '../light/sample-positions';
import { wallClock } from '../light/time-zone';
import { WALLS } from '../room/facing';
import { leastRecentlyUsed } from '../base/least-recently-used';
import { sceneOf } from './looks';
import type { Steps } from './steps';
import type { DayRequest, LookIn, NoAnswer } from './light-protocol';

export const POSITIONS = { usual: usualPositions, walls: wallPositions, slide: slidePositions } as const;

const shapes = leastRecentlyUsed<RoomShape>(12);
const rooms = leastRecentlyUsed<{ readonly room: LightRoom; readonly problem: string | undefined }>(40);
const prepared = leastRecentlyUsed<PreparedRoom>(40);
export type KnownDay = { readonly moments: readonly number[]; readonly skies: readonly SkyName[]; readonly day: DayLight };

/** A room by its description, with the first thing that keeps it from being. */
export function roomOf(description: RoomDescription) {
  return rooms(JSON.stringify(description), () => {
    const room = lightRoomOf(description);
    return { room, problem: firstProblem(room) };
  });
}

/** The patches of a room, and what each sees. */
export const shapeFor = (room: LightRoom): RoomShape => shapes(shapeKey(room), () => shapeOf(room));

/** A room made ready at some of its positions. */
export const prepare = (description: RoomDescription, where: keyof typeof POSITIONS): PreparedRoom =>
  prepared(where + JSON.stringify(description), () => {
    const { room } = roomOf(description);
    return prepareRoom(room, POSITIONS[where](room), shapeFor(room));
  });

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
    positionLights(prepare(room, 'usual').lightAt(outside({ at, place, date, sky }), false)),
  );
}

const byLamps = leastRecentlyUsed<readonly PositionLight[]>(40);

/** All lamps alone at the usual positions. */
export const lampsOf = (room: RoomDescription): readonly PositionLight[] =>
  byLamps(JSON.stringify(room), () => positionLights(prepare(room, 'usual').lightAt(outdoorsDark(), true)));

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
export const placeOf = (room: LightRoom, position: string): number =>
  Math.max(
    0,
    POSITIONS.usual(room).findIndex((p) => p.name === position),
  );

/** Of the lights at the usual positions those on the walls, which are what the eye has before it. */
export const onWalls = (usual: readonly PositionLight[]): readonly PositionLight[] => usual.slice(0, WALLS.length);

/** The moment the sun stands highest. */
export const midday = ({ day: found }: KnownDay): number =>
  found.sun.reduce((best, p, m) => (p.altitudeDeg > found.sun[best]!.altitudeDeg ? m : best), 0);
