import { seededRandom } from '@/core/base/random';
import type { Exercise } from '@/core/eye/exercises';
import { chanceRight } from '@/core/eye/threshold';
import { OPERATION_VERSION, writeSchema } from '@/core/operations/operations';
import type { Database } from '@/data/sql';
import { applyOperation } from '../operations/apply';

/** How fine a made-up eye is in an exercise at first, and what a sitting makes of it. */
const EYE: readonly { readonly exercise: Exercise; readonly from: number; readonly gains: number }[] = [
  { exercise: 'pinker', from: 2.4, gains: 0.9 },
  { exercise: 'greener', from: 1.9, gains: 0.92 },
  { exercise: 'yellower', from: 2.8, gains: 0.95 },
];
const SITTINGS = 6;
const ASKED = 18;
const DAYS_BETWEEN = 6;
const DAY_MS = 24 * 60 * 60_000;
const SHAPE = { slope: 2, lapse: 0.02 } as const;

/** Six sittings of three exercises by a made-up eye that gets finer, a week apart each. */
export async function loadPractice(
  db: Database,
  { id, from }: { readonly id: () => string; readonly from: number },
): Promise<void> {
  for (const [k, { exercise, from: first, gains }] of EYE.entries()) {
    const random = seededRandom(101 + k);
    for (let sitting = 0; sitting < SITTINGS; sitting++) {
      const threshold = first * gains ** sitting;
      const answers = Array.from({ length: ASKED }, () => {
        const seed = Math.floor(random() * 2 ** 31);
        // about where the threshold lies, as an adaptive method asks
        const level = Math.max(0.4, threshold * 2 ** (1.6 * random() - 0.6));
        return { seed, level, right: random() < chanceRight(level, threshold, SHAPE) };
      });
      const at = new Date(from + (sitting * DAYS_BETWEEN + k / 24) * DAY_MS).toISOString();
      const write = writeSchema.parse({ name: 'eye.practise', exercise, answers });
      const done = await applyOperation(db, { id: id(), version: OPERATION_VERSION, at, write });
      if (!done.ok) throw new Error(`demo: practice was refused: ${JSON.stringify(done)}`);
    }
  }
}
