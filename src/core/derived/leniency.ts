import { VERDICTS } from '../judge/reasons';
import { hitRate } from './hit-rate';
import type { Room } from '@/core/record/room';

/** Own choice: as if two verdicts each way had been given before, half of the log odds, and never more than so much. */
const LENIENCY = { before: 2, share: 0.5, most: 1 } as const;

/**
 * How much kinder the consultant's eye is than what was computed for the same light, as log odds to add to a chance: positive where more
 * was seen better than computed than worse; 0 where nothing was seen.
 */
export function leniency(rooms: readonly Pick<Room, 'verdicts'>[]): number {
  const { missed } = hitRate(rooms);
  const kinder = missed.filter((v) => VERDICTS.indexOf(v.verdict) < VERDICTS.indexOf(v.predicted!)).length;
  const stricter = missed.length - kinder;
  const odds = Math.log((kinder + LENIENCY.before) / (stricter + LENIENCY.before));
  return Math.max(-LENIENCY.most, Math.min(LENIENCY.most, LENIENCY.share * odds));
}
