import { lightsOfUse, weighed } from './advised-room';
import { surfacesOf } from './looks';
import type { NoAnswer } from './light-protocol';
import type { OtherColour, OthersAnswer, OthersRequest } from './plan-protocol';
import type { Steps } from './steps';
import { worstBeside } from './worst-beside';

/** Which of some colours, strengths of one or others of the room, are predicted to work in every light the room is used in. */
export function* servingColours({ lit, stays, swatches }: OthersRequest): Steps<OthersAnswer | NoAnswer> {
  const lights = yield* lightsOfUse(lit);
  if ('ok' in lights) return lights;
  const judge = worstBeside(stays, weighed(lights));
  const found: OtherColour[] = [];
  for (const swatch of swatches) {
    found.push({ id: swatch.id, lights: judge(surfacesOf(swatch)[0]!) });
    yield found.length / swatches.length;
  }
  return { ok: true, others: found };
}
