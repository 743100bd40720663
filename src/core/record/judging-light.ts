import type { JudgingLight } from '../room/facing';
import type { VerdictMoment } from './verdict';

/** Under so many lux no colour is made out: nobody judges in it. */
export const DARK_LUX = 0.5;

/**
 * The record's word for the light of a moment: lamps when they are on, overcast under that sky, window by day otherwise. Undefined when there
 * is no light at all to judge in: then the person, who stands in the room and sees, says which light it is.
 */
export function judgingLightOf({ sky, lampsOn, lux }: Pick<VerdictMoment, 'sky' | 'lampsOn' | 'lux'>): JudgingLight | undefined {
  if (lampsOn) return 'lamps';
  if (lux !== null && lux < DARK_LUX) return undefined;
  return sky === 'overcast' ? 'overcast' : 'window-day';
}
