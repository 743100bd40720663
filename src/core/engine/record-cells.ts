import type { SceneLight } from '../appearance/scene';
import { correspondingIn } from '../colour/corresponding';
import type { PositionLight } from '../light/day-light';
import type { VerdictMoment } from '../record/verdict';
import type { JudgingLight } from '../room/facing';
import type { Cell, CellsAnswer, CellsRequest } from './judgement-protocol';
import { cannotBe, dayOf, lightsOf, midday, placeOf, roomOf, sceneAt, type KnownDay } from './known-days';
import type { Steps } from './steps';
import type { DayRequest, LookIn, NoAnswer } from './light-protocol';
import { relationIn, surfacesOfPair } from './pair-surfaces';

/** A light of the record: a moment that stands for it, and what the eye is in then. */
export type RecordLight = { readonly scene: SceneLight; readonly moment: Pick<VerdictMoment, 'at' | 'sky' | 'lampsOn' | 'lux'> };

/** The first moment after the highest sun at which it is dark; the last of the day where it never is. */
function nightfall({ day: { sun }, moments }: KnownDay, noon: number): number {
  const after = sun.findIndex((p, m) => m > noon && p.altitudeDeg < NIGHT_ALTITUDE_DEG);
  return after < 0 ? moments.length - 1 : after;
}
/** The sun at the end of civil twilight. */
const NIGHT_ALTITUDE_DEG = -6;

/** What stands for each light of the record: midday under a clear sky, midday under cloud, the lamps alone. */
export function* recordLights(day: DayRequest, lookIn: LookIn): Steps<ReadonlyMap<JudgingLight, RecordLight>> {
  const { room } = roomOf(day.room);
  const clear = yield* dayOf({ ...day, skies: 'clear' });
  const grey = yield* dayOf({ ...day, skies: 'overcast' });
  const place = placeOf(room, lookIn.position);
  const noon = midday(clear);
  const found = new Map<JudgingLight, RecordLight>();
  const add = (light: JudgingLight, lights: readonly PositionLight[], moment: Omit<RecordLight['moment'], 'lux'>) => {
    const scene = sceneAt(lights, place, lookIn.scale);
    if (scene) found.set(light, { scene, moment: { ...moment, lux: scene.lux } });
  };
  const at = (m: number) => new Date(clear.moments[m]!).toISOString();
  add('window-day', lightsOf(clear, noon, false), { at: at(noon), sky: 'clear', lampsOn: false });
  add('overcast', lightsOf(grey, midday(grey), false), { at: at(noon), sky: 'overcast', lampsOn: false });
  add('lamps', clear.day.lamps, { at: at(nightfall(clear, noon)), sky: 'clear', lampsOn: true });
  return found;
}

/** What is predicted in every cell of a room record. */
export function* cells({ day, lookIn, stays, candidates }: CellsRequest): Steps<CellsAnswer | NoAnswer> {
  const { problem } = roomOf(day.room);
  if (problem) return cannotBe(problem);
  const lights = yield* recordLights(day, lookIn);
  const found: Cell[] = [];
  for (const [light, { scene }] of lights) {
    const see = correspondingIn(scene.power);
    for (const candidate of candidates) {
      for (const stay of stays) {
        const { verdict, reasons } = relationIn(see, { stay, surfaces: surfacesOfPair(stay, candidate), n: 0 });
        found.push({ candidateId: candidate.id, stayId: stay.id, light, verdict, reason: reasons[0] ?? null });
      }
      yield found.length / (lights.size * candidates.length * stays.length);
    }
  }
  return { ok: true, cells: found };
}
