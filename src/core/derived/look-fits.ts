import { sunPosition } from '../light/sun';
import { clockText, wallClock } from '../light/time-zone';
import { cursorOfLook } from '../plan/look-light';
import type { Look } from '@/core/record/look';
import type { VerdictMoment } from '@/core/record/verdict';
import type { VisitPlace } from '@/core/record/visit';

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

/**
 * Why something that was answered at an instant was hardly seen in the light of its look; "" where it may have been. The sky is not
 * known.
 */
export function sayOutside(
  { light, fromHour, toHour, date }: Pick<Look, 'light' | 'fromHour' | 'toHour' | 'date'>,
  lookedAt: string,
  place: VisitPlace,
): string {
  const at = Date.parse(lookedAt);
  const { date: day, hours } = wallClock(at, place.timeZone);
  if (date !== null && day < date) return 'before the day it is meant for';
  if (light === 'lamps') return sunPosition(at, place).altitudeDeg > 0 ? 'before dark' : '';
  if (fromHour === null || toHour === null) return '';
  if (hours < fromHour - SLACK_HOURS) return `before its hours (${clockText(fromHour)}–${clockText(toHour)})`;
  return hours > toHour + SLACK_HOURS ? `after its hours (${clockText(fromHour)}–${clockText(toHour)})` : '';
}
