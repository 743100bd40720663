import { SCENE } from '../appearance/scene';
import type { KeptLight } from '../room/facing';
import type { VerdictMoment } from '@/core/record/verdict';

/** What a verdict's moment says of its light. */
type MomentLight = Pick<VerdictMoment, 'sky' | 'lampsOn' | 'lux'>;

/** Under so many lux there is no light at all: a verdict that claims it was kept wrongly. */
const NO_LIGHT_LUX = 0.5;

/**
 * The light of a moment, as far as it can be told without the room (see kinds-of-light): lamps when they are on, overcast under that sky,
 * window by day otherwise. Undefined when it is too dark to judge: then the person, who stands in the room and sees, says which light it
 * is.
 */
export function judgingLightOf({ sky, lampsOn, lux }: MomentLight, darkLux: number = SCENE.tooDarkLux): KeptLight | undefined {
  if (lampsOn) return 'lamps';
  if (lux !== null && lux < darkLux) return undefined;
  return sky === 'overcast' ? 'overcast' : 'window-day';
}

/** The light a verdict of any age was kept in: some were given where today's rule asks first. */
export const keptLightOf = (moment: MomentLight): KeptLight | undefined => judgingLightOf(moment, NO_LIGHT_LUX);
