import { heightOf } from '../light/any-room';
import { SCENE } from '../appearance/scene';
import { daylight65 } from '../colour/illuminant';
import type { LightSchools } from '../judge/light-schools';
import { prepareAdvice, type Advice } from '../judge/room-advice';
import type { WeighedLight } from '../judge/room-cells';
import type { Surface, SurfaceStay } from '../judge/surfaces';
import { toWindDown, type RoomLight, type WallsOf } from '../judge/walls';
import type { Wish } from '../judge/wish';
import type { JudgingLight } from '../room/facing';
import type { RoomKind } from '../room/use';
import { cannotBe, roomOf } from './known-days';
import type { NoAnswer } from './light-protocol';
import type { LightsAnswer, LitRoom } from './lit-room';
import type { Steps } from './steps';
import { middleOf, roomLightOf, usedLights, type UsedLight } from './used-lights';

/** A room to be advised on, apart from what stays in it. */
export type AdvisedRoom = LitRoom & {
  readonly kind: RoomKind;
  readonly schools: LightSchools;
  readonly wish: Wish | null;
  /** What else is wished for, in order. */
  readonly moreWishes?: readonly Wish[];
};

/** What is known of a room before any colour is tried. */
export type RoomToAdvise = {
  readonly ok: true;
  readonly adviceOn: (candidate: Surface) => Advice<JudgingLight>;
  readonly lights: readonly UsedLight[];
  readonly light: RoomLight;
  /** Middle lux by day in the hours of use; 0 without daylight. */
  readonly dayLux: number;
  /** Neither a window nor a lamp is recorded: judged in the light of the deck. */
  readonly inDeck: boolean;
  /** Nothing stays in it that is recorded. */
  readonly bare: boolean;
};

/** Lights as things are judged in them: by the light of the record that each belongs to. */
export const weighed = (lights: readonly UsedLight[]): WeighedLight<JudgingLight>[] =>
  lights.map(({ judging, weight, scene }) => ({ kind: judging, weight, scene }));

/** The lights of a room, or why it has none. */
export function* lightsOfUse({ day, lookIn, usedFor, lights: known }: LitRoom): Steps<readonly UsedLight[] | NoAnswer> {
  if (known && known.length > 0) return known;
  const { problem } = roomOf(day.room);
  if (problem) return cannotBe(problem);
  const found = yield* usedLights(day, lookIn, usedFor);
  return found.length === 0 ? cannotBe('The room has neither a window nor a lamp.') : found;
}

/** The light of the deck, for a room of which neither a window nor a lamp is recorded yet. */
export const inDeckLight: UsedLight = {
  kind: 'clear',
  judging: 'window-day',
  weight: 1,
  scene: { power: daylight65, lux: SCENE.deckLux },
  at: 0,
};

/** The lights of a room; where it has none the deck's, so that something can be said before the light is recorded. */
export function* lightsOrDeck(room: LitRoom): Steps<readonly UsedLight[] | NoAnswer> {
  const { problem } = roomOf(room.day.room);
  const found = yield* lightsOfUse(room);
  return 'ok' in found && !problem && found.reason === 'cannot-be' ? [inDeckLight] : found;
}

/** The lights of a room, to be handed to whoever judges in them. */
export function* lights(room: LitRoom): Steps<LightsAnswer | NoAnswer> {
  const found = yield* lightsOfUse(room);
  return 'ok' in found ? found : { ok: true, lights: found };
}

/** What of a room decides what belongs on its walls, in lights that are known. */
export function wallsOf(
  { kind, schools, wish, moreWishes = [], usedFor, day }: AdvisedRoom,
  lights: readonly UsedLight[],
  stays: readonly SurfaceStay[],
): WallsOf {
  const windDown = toWindDown({ kind, use: usedFor.use, heightM: heightOf(day.room) });
  return { stays, light: roomLightOf(lights), kind, windDown, schools, wish, moreWishes };
}

/** Makes a room ready to say how any colour serves as its walls. The one way to it: search, prior and early warning all go by it. */
export function* adviseIn(room: AdvisedRoom, stays: readonly SurfaceStay[]): Steps<RoomToAdvise | NoAnswer> {
  const found = yield* lightsOrDeck(room);
  if ('ok' in found) return found;
  const of = wallsOf(room, found, stays);
  const lux = found.filter((l) => l.judging !== 'lamps').map((l) => l.scene.lux);
  return {
    ok: true,
    adviceOn: prepareAdvice({ ...of, stays, lights: weighed(found) }),
    lights: found,
    light: of.light,
    dayLux: middleOf(lux.filter((v) => v >= SCENE.tooDarkLux)),
    inDeck: found[0] === inDeckLight,
    bare: stays.length === 0,
  };
}
