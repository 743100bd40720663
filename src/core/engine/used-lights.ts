import type { SceneLight } from '../appearance/scene';
import { ramp } from '../base/ramp';
import type { PositionLight } from '../light/day-light';
import { dayMoments } from '../light/day-moments';
import { SKIES, type SkyName } from '../light/outdoors';
import { wallClock } from '../light/time-zone';
import type { RoomLight } from '../judge/walls';
import type { JudgingLight } from '../room/facing';
import { USUAL_SKIES, USES, type RoomUse, type SkyShares } from '../room/use';
import { daylightAt, lampsOf, placeOf, roomOf, sceneAt } from './known-days';
import type { DayRequest, LookIn } from './light-protocol';
import type { Steps } from './steps';

const USED = {
  /** Under so many lux by day nobody judges a colour by the window alone. */
  leastLux: 20,
  /** Hours count that have at least this share of the middle one's lux: nobody judges in the first and last quarter of an hour. */
  ofMiddle: 1 / 3,
  /** Where along those hours a sky is looked at. */
  at: [1 / 6, 1 / 2, 5 / 6],
} as const;

/** A light a room is used in, how much of its use it is, and a moment at which it is met. */
export type UsedLight = {
  readonly kind: SkyName | 'lamps';
  /** The light of the record that it belongs to. */
  readonly judging: JudgingLight;
  /** Share of the use; all add up to 1. */
  readonly weight: number;
  readonly scene: SceneLight;
  readonly at: number;
};

/** What the lights of a room are used for: its hours, and how often each sky is met there. */
export type UsedFor = { readonly use: RoomUse; readonly skies: SkyShares | null };

export const JUDGED_IN: Readonly<Record<UsedLight['kind'], JudgingLight>> = {
  clear: 'window-day',
  broken: 'window-day',
  overcast: 'overcast',
  lamps: 'lamps',
};

/** The middle of some numbers; 0 of none. */
export const middleOf = (values: readonly number[]): number =>
  [...values].sort((p, q) => p - q)[Math.floor(values.length / 2)] ?? 0;

type Lit = { readonly at: number; readonly lights: readonly PositionLight[]; readonly lux: number };

/** Of the hours of use those in which one would judge: early, in the middle and late among them. */
function judgedHours(lit: readonly Lit[]): Lit[] {
  const enough = USED.ofMiddle * middleOf(lit.map((l) => l.lux));
  const judged = lit.filter((l) => l.lux >= enough);
  return USED.at.flatMap((share) => judged[Math.floor(share * judged.length)] ?? []);
}

/** Half past each hour of use, on the day's own clock. */
function hoursOf({ date, zone }: Pick<DayRequest, 'date' | 'zone'>, use: RoomUse): number[] {
  const { from, to } = USES[use];
  return dayMoments(date, zone).filter((at) => {
    const { hours } = wallClock(at, zone);
    return hours >= from && hours < to && Math.abs((hours % 1) - 0.5) < 0.01;
  });
}

/**
 * The lights a room is used in at a position, by kind, with weights that add up to 1; empty where it has neither daylight nor lamps. A kind
 * stands for the hours in which one would judge in it, never for a single instant. The one place where these lights are made.
 */
export function* usedLights(
  day: Omit<DayRequest, 'skies'>,
  { position, scale }: LookIn,
  { use, skies }: UsedFor,
): Steps<UsedLight[]> {
  const place = placeOf(roomOf(day.room).room, position);
  const hours = hoursOf(day, use);
  const daylit: UsedLight[] = [];
  for (const [n, sky] of SKIES.entries()) {
    const lit: Lit[] = [];
    for (const [k, at] of hours.entries()) {
      yield (n + k / hours.length) / SKIES.length;
      const lights = daylightAt({ ...day, at, sky });
      const lux = lights[place]!.lux * scale;
      if (lux >= USED.leastLux) lit.push({ at, lights, lux });
    }
    const scenes = judgedHours(lit).flatMap(({ at, lights }) => {
      const scene = sceneAt(lights, place, scale);
      return scene ? [{ at, scene }] : [];
    });
    const weight = (skies ?? USUAL_SKIES)[sky] / scenes.length;
    for (const found of scenes) daylit.push({ kind: sky, judging: JUDGED_IN[sky], weight, ...found });
  }
  return withLamps(daylit, { day, place, scale, use });
}

/** The share of the use that is lamplight is taken from the daylight; a room without one is used in the other alone. */
function withLamps(
  daylit: readonly UsedLight[],
  { day, place, scale, use }: { day: Omit<DayRequest, 'skies'>; place: number; scale: number; use: RoomUse },
): UsedLight[] {
  const scene = sceneAt(lampsOf(day.room), place, scale);
  const byDay = daylit.reduce((s, l) => s + l.weight, 0);
  const share = !scene ? 0 : byDay === 0 ? 1 : USES[use].lamps;
  const found = daylit.map((l) => ({ ...l, weight: ((1 - share) * l.weight) / byDay }));
  const at = dayMoments(day.date, day.zone).at(-1)!;
  return scene ? [...found, { kind: 'lamps', judging: 'lamps', weight: share, scene, at }] : found;
}

/** Lux by day between which a room is dim, and very bright, from not at all to fully; and the share of the use that is as good as all. Own choice. */
const AMOUNT = { dim: [150, 50], bright: [1500, 3500], asGoodAsAll: 0.6 } as const;

/** How dim and how bright a room is in its use. */
export function roomLightOf(lights: readonly UsedLight[]): RoomLight {
  const share = (of: (lux: number) => number) => {
    const sum = lights.reduce((s, l) => s + (l.kind === 'lamps' ? 0 : l.weight * of(l.scene.lux)), 0);
    return Math.min(1, sum / AMOUNT.asGoodAsAll);
  };
  return { dim: share((lux) => ramp(lux, ...AMOUNT.dim)), bright: share((lux) => ramp(lux, ...AMOUNT.bright)) };
}
