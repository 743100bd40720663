import type { SceneLight } from '../appearance/scene';
import type { WeighedLight } from '../judge/room-cells';
import { darkHours } from '../light/dark-hours';
import { clearDayKinds } from '../light/day-kinds';
import { together } from '../light/day-light';
import type { VerdictMoment } from '@/core/record/verdict';
import type { JudgingLight } from '../room/facing';
import { ownOf } from '../light/any-room';
import { hasDaylight } from '../light/sun-side';
import { cannotBe, daylightAt, lampsOf, placeOf, roomOf, sceneAt } from './known-days';
import type { NoAnswer } from './light-protocol';
import type { LitRoom } from './lit-room';
import type { Steps } from './steps';

/** A moment in a kind of light, and what the eye is in then. */
export type RecordLight = { readonly scene: SceneLight; readonly moment: Pick<VerdictMoment, 'at' | 'sky' | 'lampsOn' | 'lux'> };
export type RecordLights = ReadonlyMap<JudgingLight, readonly RecordLight[]>;

/** Where along the moments of a kind of light it is looked at: early, in the middle, late. */
const LOOKED_AT = [1 / 6, 1 / 2, 5 / 6] as const;
const along = (moments: readonly number[]): number[] => [
  ...new Set(LOOKED_AT.map((share) => moments[Math.floor(share * moments.length)]!)),
];

/** What stands for each kind of light of a room on a day: moments early, in the middle and late in it, in its hours of use. */
export function* recordLights({ day, lookIn, usedFor }: LitRoom): Steps<RecordLights> {
  const { position, scale } = lookIn;
  const { room } = roomOf(day.room);
  const place = placeOf(room, position);
  const own = ownOf(day.room);
  const lamps = own.lamps.length > 0 ? lampsOf(day.room) : undefined;
  const found = new Map<JudgingLight, RecordLight[]>();
  const add = (
    kind: JudgingLight,
    scene: SceneLight | undefined,
    moment: Omit<RecordLight['moment'], 'lux' | 'at'> & { at: number },
  ) => {
    if (!scene) return;
    const one = { scene, moment: { ...moment, at: new Date(moment.at).toISOString(), lux: scene.lux } };
    found.set(kind, [...(found.get(kind) ?? []), one]);
  };
  const clear = hasDaylight(room) ? clearDayKinds(room, day, usedFor.use) : new Map<JudgingLight, readonly number[]>();
  for (const [kind, moments] of clear) {
    for (const at of along(moments)) {
      yield 0.5;
      add(kind, sceneAt(daylightAt({ ...day, at, sky: 'clear' }), place, scale), { at, sky: 'clear', lampsOn: false });
    }
  }
  const all = [...clear.values()].flat().sort((p, q) => p - q);
  for (const at of all.length > 0 ? along(all) : []) {
    yield 0.8;
    const grey = daylightAt({ ...day, at, sky: 'overcast' });
    add('overcast', sceneAt(grey, place, scale), { at, sky: 'overcast', lampsOn: false });
    if (lamps) {
      const both = grey.map((light, p) => together(light, lamps[p]!));
      add('lamps-by-day', sceneAt(both, place, scale), { at, sky: 'overcast', lampsOn: true });
    }
  }
  if (lamps) add('lamps', sceneAt(lamps, place, scale), { at: darkHours(day)[0], sky: 'clear', lampsOn: true });
  return found;
}

/** The same as lights to judge in, each kind by itself; or why the room has none. */
export function* lightsByKind(lit: LitRoom): Steps<WeighedLight<JudgingLight>[] | NoAnswer> {
  const { problem } = roomOf(lit.day.room);
  if (problem) return cannotBe(problem);
  const found = [...(yield* recordLights(lit))].flatMap(([kind, lights]) =>
    lights.map(({ scene }) => ({ kind, scene, weight: 1 / lights.length })),
  );
  return found.length > 0 ? found : cannotBe('The room has neither a window nor a lamp.');
}

/** The one in the middle of the moments that stand for a kind of light. */
export const middleOfKind = (lights: readonly RecordLight[]): RecordLight => lights[Math.floor(lights.length / 2)]!;
