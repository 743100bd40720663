import type { Lab } from '../colour/types';
import type { LightSchools } from '../judge/light-conflict';
import { prepareAdvice, type Advice } from '../judge/room-advice';
import type { Surface, SurfaceStay } from '../judge/room-score';
import type { RoomKind } from '../judge/walls';
import type { Wish } from '../judge/wish';
import { SCENE } from '../appearance/scene';
import { cannotBe, roomOf } from './known-days';
import type { DayRequest, LookIn, NoAnswer } from './light-protocol';
import { inPart, type Steps } from './steps';
import { middleOf, usedLights, type RoomUse, type UsedLight } from './used-lights';

export type AdviseRequest = {
  readonly day: Omit<DayRequest, 'skies'>;
  readonly lookIn: LookIn;
  readonly stays: readonly SurfaceStay[];
  readonly schools: LightSchools;
  readonly wish: Wish | null;
  readonly use: RoomUse;
  readonly kind: RoomKind;
  readonly colours: readonly (Surface & { readonly lab: Lab })[];
};

export type AdviseAnswer = {
  readonly ok: true;
  /** In the order of the colours. */
  readonly advice: readonly Advice[];
  readonly lights: readonly UsedLight[];
  /** Middle lux by day in the hours of use; 0 without daylight. */
  readonly dayLux: number;
};

const LIGHT_NAMES: Readonly<Record<UsedLight['kind'], string>> = {
  clear: 'by day, clear sky',
  broken: 'by day, broken cloud',
  overcast: 'by day, overcast',
  lamps: 'after dark, lamps',
};

/** Share of the work that the light is. */
const LIGHT_SHARE = 0.5;
/** Colours between two looks at the clock. */
const BATCH = 32;

/** How every colour serves as the walls of a room, beside what stays and in the lights the room is used in. */
export function* advise(asked: AdviseRequest): Steps<AdviseAnswer | NoAnswer> {
  const { problem } = roomOf(asked.day.room);
  if (problem) return cannotBe(problem);
  const lights = yield* inPart(usedLights(asked.day, asked.lookIn, asked.use), 0, LIGHT_SHARE);
  if (lights.length === 0) return cannotBe('The room has neither a window nor a lamp.');
  const lux = lights.filter((l) => l.kind !== 'lamps').map((l) => l.scene.lux);
  const dayLux = middleOf(lux.filter((v) => v >= SCENE.tooDarkLux));
  const adviceOn = prepareAdvice({
    stays: asked.stays,
    wish: asked.wish,
    kind: asked.kind,
    dayLux,
    dimWhite: asked.schools.dimWhite,
    lights: lights.map(({ kind, weight, scene }) => ({ name: LIGHT_NAMES[kind], weight, scene })),
  });
  const advice: Advice[] = [];
  for (const colour of asked.colours) {
    if (advice.length % BATCH === 0) yield LIGHT_SHARE + (1 - LIGHT_SHARE) * (advice.length / asked.colours.length);
    advice.push(adviceOn(colour));
  }
  return { ok: true, advice, lights, dayLux };
}
