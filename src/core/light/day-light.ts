import type { SpectralPower } from '../colour/grid';
import type { Place } from './day';
import type { LightRoom } from './light-room';
import { outdoorsAt, outdoorsDark, type Outdoors, type SkyName } from './outdoors';
import { illuminance, totalOf, type ReceivedLight, type Receiver } from './receiver';
import { wallOfPosition } from '../room/wall-position';
import { sunPatches } from './sun-patch';
import { sunPosition, type SunPosition } from './sun';

/** What falls on one position at one moment. */
export type PositionLight = {
  readonly power: SpectralPower;
  readonly lux: number;
  /** Held free in the room, by the window or under the lamp: no wall the eye has before it. */
  readonly held?: true;
};

/** What makes the light at the positions of a room, and where these are. */
export type Prepared = {
  readonly receivers: readonly Pick<Receiver, 'name'>[];
  readonly lightAt: (outdoors: Outdoors, lampsOn: boolean) => readonly ReceivedLight[];
};

/** A room's daylight through one day under one sky, and its lamps apart: they add. */
export type DayLight = {
  readonly sun: readonly SunPosition[];
  /** By moment, then by position in the prepared room's order. */
  readonly daylight: readonly (readonly PositionLight[])[];
  /** By position: all lamps alone. */
  readonly lamps: readonly PositionLight[];
};

export type DayOf = {
  readonly moments: readonly number[];
  readonly place: Place;
  readonly date: string;
  /** One for each moment. */
  readonly skies: readonly SkyName[];
};

/** What a prepared room receives, as lights at its positions. */
export const positionLights = ({ receivers, lightAt }: Prepared, outdoors: Outdoors, lampsOn: boolean): PositionLight[] =>
  lightAt(outdoors, lampsOn).map((light, p) => ({
    power: totalOf(light),
    lux: illuminance(light).total,
    ...(wallOfPosition(receivers[p]!.name) === undefined ? { held: true as const } : {}),
  }));
/** Of lights at positions of a room those on its walls, which are what the eye has before it. */
export const onWalls = (lights: readonly PositionLight[]): readonly PositionLight[] => lights.filter((l) => !l.held);

/** A light and another, as one. */
export function together(p: PositionLight, q: PositionLight): PositionLight {
  const sum = (x: SpectralPower, y: SpectralPower) => x.map((v, i) => v + y[i]!);
  return {
    power: sum(p.power, q.power),
    lux: p.lux + q.lux,
    ...(p.held ? { held: true as const } : {}),
  };
}

/**
 * The room's own light, as the eye takes it in over its walls: the mean of what falls on each, bounced light included, each taken as
 * bright as the next (1 lx of each), so that a patch of sun on one of them is one of them. Undefined in the dark.
 *
 * @param lights at the walls of the room
 */
export function roomLight(lights: readonly PositionLight[]): SpectralPower | undefined {
  const lit = lights.filter(({ lux }) => lux > 0);
  if (lit.length === 0) return undefined;
  const mean = new Float64Array(lit[0]!.power.length);
  for (const { power, lux } of lit) power.forEach((p, i) => (mean[i]! += p / (lux * lit.length)));
  return mean;
}

/**
 * A prepared room through a day, step by step: yields how many moments are done, so that whoever runs it can show progress, let others
 * in, or stop; returns the day.
 */
export function* dayLightSteps(prepared: Prepared, day: DayOf): Generator<number, DayLight> {
  const { moments, place, date, skies } = day;
  const daylight: PositionLight[][] = [];
  for (const [k, at] of moments.entries()) {
    daylight.push(positionLights(prepared, outdoorsAt({ at, place, date, sky: skies[k]! }), false));
    yield daylight.length;
  }
  return {
    sun: moments.map((at) => sunPosition(at, place)),
    daylight,
    lamps: positionLights(prepared, outdoorsDark(), true),
  };
}

/** A prepared room through a day, at one go. */
export function dayLight(prepared: Prepared, day: DayOf): DayLight {
  const steps = dayLightSteps(prepared, day);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

/** For each window, the stretches of moments (first, last) in which the sun comes in by it under a clear sky. */
export function sunHours(room: LightRoom, sun: readonly SunPosition[]): (readonly (readonly [first: number, last: number])[])[] {
  const windowsLit = sun.map((position) => new Set(sunPatches(room, position).map((p) => p.window)));
  return stretchesOf(windowsLit, room.windows.length);
}

/** For each of so many windows, the stretches of moments in which it is among those that are lit. */
export function stretchesOf(
  windowsLit: readonly ReadonlySet<number>[],
  count: number,
): (readonly (readonly [first: number, last: number])[])[] {
  return Array.from({ length: count }, (_, window) => {
    const stretches: [number, number][] = [];
    windowsLit.forEach((lit, moment) => {
      if (!lit.has(window)) return;
      const last = stretches.at(-1);
      if (last && last[1] === moment - 1) last[1] = moment;
      else stretches.push([moment, moment]);
    });
    return stretches;
  });
}
