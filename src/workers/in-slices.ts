import type { NoAnswer, Progress } from '@/core/engine/light-protocol';
import type { Steps } from '@/core/engine/steps';

/** Longest stretch of work before messages are let in, milliseconds: a cancel is heard within it. */
export const SLICE_MS = 40;

type Environment = {
  readonly now: () => number;
  /** Resolves after whatever waits has been heard. */
  readonly breathe: () => Promise<void>;
};

/** Runs steps of work in slices, telling progress after each, until it is done or `cancelled` says that nobody waits any more. */
export async function inSlices<T>(
  steps: Steps<T>,
  cancelled: () => boolean,
  progress: Progress,
  { now, breathe }: Environment,
): Promise<T | NoAnswer> {
  let from = now();
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    if (now() - from < SLICE_MS) continue;
    progress(step.value);
    await breathe();
    if (cancelled()) return { ok: false, reason: 'cancelled' };
    from = now();
  }
}
