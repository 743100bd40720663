import { leastRecentlyUsed } from '../base/least-recently-used';
import { reflectanceFromLab } from '../colour/reflectance';
import type { Lab } from '../colour/types';
import { cannotBe, dayOf, lightsOf, placeOf, roomOf } from './known-days';
import type { Steps } from './steps';
import type { DayRequest, HexesAnswer, LookIn, NoAnswer } from './light-protocol';
import { seenBy } from '../appearance/scene';
import { viewAt } from './view-at';

/** Smoothest reflectances of colours known by Lab only, one after the other in one array each. */
const smoothest = leastRecentlyUsed<Float64Array | undefined>(6000);
const curveOf = (lab: Lab) =>
  smoothest(`${lab.l},${lab.a},${lab.b}`, () => {
    const solved = reflectanceFromLab(lab);
    return solved.ok ? solved.value : undefined;
  });

type HexesRequest = {
  readonly day: DayRequest;
  readonly moment: number;
  readonly labs: readonly Lab[];
  readonly lookIn: LookIn;
};
/** Colours between two stops. */
const BATCH = 40;
const NIGHT_HEX = '#262626';

/** How many colours of a deck look at one moment of a day, on the screen. */
export function* hexes({ day: request, moment, labs, lookIn }: HexesRequest): Steps<HexesAnswer | NoAnswer> {
  const { room, problem } = roomOf(request.room);
  if (problem) return cannotBe(problem);
  const known = yield* dayOf(request);
  const place = placeOf(room, lookIn.position);
  const view = viewAt(lightsOf(known, moment, lookIn.lampsOn), place, lookIn.scale);
  const found: string[] = [];
  for (const lab of labs) {
    const curve = view && curveOf(lab);
    found.push(curve && view ? seenBy(view, curve).hex : NIGHT_HEX);
    if (found.length % BATCH === 0) yield found.length / labs.length;
  }
  return { ok: true, hexes: found };
}
