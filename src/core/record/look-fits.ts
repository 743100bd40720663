import { wallClock } from '../light/time-zone';
import { cursorOfLook } from '../plan/look-light';
import type { Look } from './look';
import type { VerdictMoment } from './verdict';

/** Hours by which a look's stretch may be left: the light does not change at the stroke. */
const SLACK_HOURS = 0.5;

/** Whether a moment is in the light of a look: what is said then was said at it. After dark has no hours. */
export function fitsLook(
  { light, fromHour, toHour }: Pick<Look, 'light' | 'fromHour' | 'toHour'>,
  { at, sky, lampsOn }: Pick<VerdictMoment, 'at' | 'sky' | 'lampsOn'>,
  zone: string,
): boolean {
  const wanted = cursorOfLook(light);
  if (lampsOn !== wanted.lampsOn) return false;
  if (light === 'lamps') return true;
  const { hours } = wallClock(Date.parse(at), zone);
  const within = fromHour !== null && toHour !== null && hours >= fromHour - SLACK_HOURS && hours <= toHour + SLACK_HOURS;
  return sky === wanted.sky && within;
}
