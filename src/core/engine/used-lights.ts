import { SCENE, type SceneLight } from '../appearance/scene';
import { ramp } from '../base/ramp';
import { together, type PositionLight } from '../light/day-light';
import { dayMoments } from '../light/day-moments';
import { SKIES, type SkyName } from '../light/outdoors';
import { wallClock } from '../light/time-zone';
import type { RoomLight } from '../judge/walls';
import type { JudgingLight } from '../room/facing';
import { isInUse, USUAL_SKIES, USES, type RoomUse, type SkyShares } from '../room/use';
import { daylightAt, lampsOf, placeOf, roomOf, sceneAt } from './known-days';
import type { DayRequest, LookIn } from './light-protocol';
import type { Steps } from './steps';

const USED = {
  /** Hours count that have at least this share of the middle one's lux: nobody judges in the first and last quarter of an hour. */
  ofMiddle: 1 / 3,
  /** Where along those hours a sky is looked at. */
  at: [1 / 6, 1 / 2, 5 / 6],
} as const;

/** A light a room is used in, how much of its use it is, and a moment at which it is met. */
export type UsedLight = {
  readonly kind: SkyName | 'lamps' | 'both';
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
  both: 'lamps',
};

/** The middle of some numbers; 0 of none. */
export const middleOf = (values: readonly number[]): number =>
  [...values].sort((p, q) => p - q)[Math.floor(values.length / 2)] ?? 0;

/** A moment of daylight at a room's usual positions, and its lux at the one that is judged at. */
export type Lit = { readonly at: number; readonly lights: readonly PositionLight[]; readonly lux: number };

/** Of the hours of use those in which one would judge. */
function judgedHours(lit: readonly Lit[]): Lit[] {
  const enough = USED.ofMiddle * middleOf(lit.map((l) => l.lux));
  return lit.filter((l) => l.lux >= enough);
}

/** Half past each hour of use, on the day's own clock: it stands for the hour. */
function hoursOf({ date, zone }: Pick<DayRequest, 'date' | 'zone'>, use: RoomUse): number[] {
  return dayMoments(date, zone).filter((at) => {
    const { hours } = wallClock(at, zone);
    return isInUse(use, hours) && Math.abs((hours % 1) - 0.5) < 0.01;
  });
}

/** The moments in which one would judge by daylight at a position, by sky: the hours of use less their first and last, dimmer ones. */
export function* judgedDaylight(
  day: Omit<DayRequest, 'skies'>,
  { position, scale }: Pick<LookIn, 'position' | 'scale'>,
  use: RoomUse,
): Steps<ReadonlyMap<SkyName, readonly Lit[]>> {
  const place = placeOf(roomOf(day.room).room, position);
  const hours = hoursOf(day, use);
  const found = new Map<SkyName, readonly Lit[]>();
  for (const [n, sky] of SKIES.entries()) {
    const lit: Lit[] = [];
    for (const [k, at] of hours.entries()) {
      yield (n + k / hours.length) / SKIES.length;
      const lights = daylightAt({ ...day, at, sky });
      const lux = lights[place]!.lux * scale;
      if (lux >= SCENE.tooDarkLux) lit.push({ at, lights, lux });
    }
    found.set(sky, judgedHours(lit));
  }
  return found;
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
  const byDaylight = yield* judgedDaylight(day, { position, scale }, use);
  const daylit: UsedLight[] = [];
  let late: Lit | undefined;
  for (const [sky, all] of byDaylight) {
    // early, in the middle and late among them
    const judged = USED.at.flatMap((share) => all[Math.floor(share * all.length)] ?? []);
    if (sky === WITH_LAMPS) late = judged.at(-1);
    const weight = (skies ?? USUAL_SKIES)[sky] / judged.length;
    for (const { at, lights } of judged) {
      const scene = sceneAt(lights, place, scale);
      if (scene) daylit.push({ kind: sky, judging: JUDGED_IN[sky], weight, scene, at });
    }
  }
  return withLamps(daylit, byLamps(day, { late, place, scale, use }));
}

/** Lamps are put on by day when it is grey and late. */
const WITH_LAMPS: SkyName = 'overcast';

type ByLamps = { readonly late: Lit | undefined; readonly place: number; readonly scale: number; readonly use: RoomUse };

/** The lamps alone, and the lamps with a grey late daylight, by their shares of the use; none in a room without lamps. */
function byLamps(day: Omit<DayRequest, 'skies'>, { late, place, scale, use }: ByLamps): UsedLight[] {
  const lamps = lampsOf(day.room);
  const scene = sceneAt(lamps, place, scale);
  if (!scene) return [];
  const { lamps: alone, both } = USES[use];
  const found: UsedLight = { kind: 'lamps', judging: 'lamps', weight: alone, scene, at: dayMoments(day.date, day.zone).at(-1)! };
  const mixed =
    late &&
    sceneAt(
      late.lights.map((light, p) => together(light, lamps[p]!)),
      place,
      scale,
    );
  if (!late || !mixed) return [{ ...found, weight: alone + both }];
  return [{ kind: 'both', judging: 'lamps', weight: both, scene: mixed, at: late.at }, found];
}

/** Daylight has the share that the lamps leave; a room without one of them is used in the other alone. */
function withLamps(daylit: readonly UsedLight[], lit: readonly UsedLight[]): UsedLight[] {
  const sum = (lights: readonly UsedLight[]) => lights.reduce((s, l) => s + l.weight, 0);
  const [byDay, lamplit] = [sum(daylit), sum(lit)];
  if (byDay === 0) return lit.map((l) => ({ ...l, weight: l.weight / lamplit }));
  return [...daylit.map((l) => ({ ...l, weight: ((1 - lamplit) * l.weight) / byDay })), ...lit];
}

/**
 * Lux by day between which a room is dim, and very bright, from not at all to fully; and the share of the use that is as good as all. Own
 * choice.
 */
const AMOUNT = { dim: [150, 50], bright: [1500, 3500], asGoodAsAll: 0.6 } as const;

/** How dim and how bright a room is in its use. */
export function roomLightOf(lights: readonly UsedLight[]): RoomLight {
  const share = (of: (lux: number) => number) => {
    const sum = lights.reduce((s, l) => s + (l.judging === 'lamps' ? 0 : l.weight * of(l.scene.lux)), 0);
    return Math.min(1, sum / AMOUNT.asGoodAsAll);
  };
  return { dim: share((lux) => ramp(lux, ...AMOUNT.dim)), bright: share((lux) => ramp(lux, ...AMOUNT.bright)) };
}
