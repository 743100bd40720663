import type { DayAnswer } from '@/core/engine/light-protocol';
import type { Computed } from './light-worker';

/** A day as it may be shown: the one that was asked for, or the last one while another sky of it is computed. */
export type ShownDay = { readonly day: DayAnswer; readonly stale: boolean } | undefined;

/** Minutes by which a day may be left before it is another day. */
const SLACK_MS = 60 * 60_000;

/**
 * The day to show at an instant. While a new one is computed the last may stand, visibly old, as long as it is of the same date: of another
 * date there is nothing to show, which is not the dark.
 */
export function shownDay(asked: Computed<DayAnswer> & { readonly before?: DayAnswer | undefined }, at: number): ShownDay {
  if (asked.state === 'done') return { day: asked.value, stale: false };
  const { before } = asked;
  if (asked.state === 'failed' || !before) return undefined;
  const covers = at >= before.moments[0]! - SLACK_MS && at <= before.moments.at(-1)! + SLACK_MS;
  return covers ? { day: before, stale: true } : undefined;
}
