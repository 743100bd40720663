import type { SceneLight } from '../appearance/scene';
import { wallClock } from '../light/time-zone';
import type { SkyName } from '../light/outdoors';
import { dayOf, lightsOf, placeOf, roomOf, sceneAt, type KnownDay } from './known-days';
import type { DayRequest, LookIn } from './light-protocol';
import type { Steps } from './steps';

/** When a room is used. */
export const ROOM_USES = ['morning', 'day', 'evening', 'all'] as const;
export type RoomUse = (typeof ROOM_USES)[number];

/** Hours of the local clock of each use, and the share of them that is lamplight. Common practice, no source; the figures are own choice. */
const USE: Readonly<Record<RoomUse, { readonly from: number; readonly to: number; readonly lamps: number }>> = {
  morning: { from: 6, to: 12, lamps: 0.15 },
  day: { from: 8, to: 18, lamps: 0.1 },
  evening: { from: 16, to: 22, lamps: 0.7 },
  all: { from: 7, to: 22, lamps: 0.35 },
};

/** How often each sky is met where nothing is known of the climate. Own choice. */
const SKY_WEIGHTS: Readonly<Record<SkyName, number>> = { clear: 0.3, broken: 0.35, overcast: 0.35 };

const USED = {
  /** Under so many lux by day nobody judges a colour by the window alone. */
  leastLux: 20,
  /** Hours count that have at least this share of the middle one's lux: nobody judges in the first and last quarter of an hour. */
  ofMiddle: 1 / 3,
  /** Where along those hours a sky is looked at. */
  at: [1 / 6, 1 / 2, 5 / 6],
} as const;

/** A light a room is used in, and how much of its use it is. */
export type UsedLight = { readonly kind: SkyName | 'lamps'; readonly weight: number; readonly scene: SceneLight };

/** The middle of some numbers; 0 of none. */
export const middleOf = (values: readonly number[]): number =>
  [...values].sort((p, q) => p - q)[Math.floor(values.length / 2)] ?? 0;

/** The scenes that stand for a sky: early, in the middle and late among the hours of use in which one would judge. */
function scenesOf(
  known: KnownDay,
  place: number,
  { zone, use, scale }: { zone: string; use: RoomUse; scale: number },
): SceneLight[] {
  const { from, to } = USE[use];
  const lit = known.moments.flatMap((at, moment) => {
    const { hours } = wallClock(at, zone);
    const lux = known.day.daylight[moment]![place]!.lux * scale;
    return hours >= from && hours < to && lux >= USED.leastLux ? [{ moment, lux }] : [];
  });
  const enough = USED.ofMiddle * middleOf(lit.map((l) => l.lux));
  const judged = lit.filter((l) => l.lux >= enough);
  return USED.at.flatMap((share) => {
    const found = judged[Math.floor(share * judged.length)];
    const scene = found && sceneAt(lightsOf(known, found.moment, false), place, scale);
    return scene ? [scene] : [];
  });
}

/**
 * The lights a room is used in at a position, by kind, with weights that add up to 1; empty where it has neither daylight nor lamps. A kind
 * stands for the hours in which one would judge in it, never for a single instant.
 */
export function* usedLights(day: Omit<DayRequest, 'skies'>, lookIn: LookIn, use: RoomUse = 'all'): Steps<UsedLight[]> {
  const place = placeOf(roomOf(day.room).room, lookIn.position);
  const { scale } = lookIn;
  const found: UsedLight[] = [];
  let lamps: SceneLight | undefined;
  for (const [sky, weight] of Object.entries(SKY_WEIGHTS) as [SkyName, number][]) {
    const known = yield* dayOf({ ...day, skies: sky });
    const scenes = scenesOf(known, place, { zone: day.zone, use, scale });
    for (const scene of scenes) found.push({ kind: sky, weight: weight / scenes.length, scene });
    lamps ??= sceneAt(known.day.lamps, place, scale);
  }
  const byDay = found.reduce((s, l) => s + l.weight, 0);
  const share = !lamps ? 0 : byDay === 0 ? 1 : USE[use].lamps;
  const daylit = found.map((l) => ({ ...l, weight: ((1 - share) * l.weight) / byDay }));
  return lamps ? [...daylit, { kind: 'lamps', weight: share, scene: lamps }] : daylit;
}
