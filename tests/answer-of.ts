import type { NoAnswer } from '@/core/engine/light-protocol';
import { toTheEnd, type Steps } from '@/core/engine/steps';

/** What an engine answers in the end; a failure where it answers nothing. */
export function answerOf<T extends { readonly ok: true }>(steps: Steps<T | NoAnswer>): T {
  const found = toTheEnd(steps);
  if (!found.ok) throw new Error(found.reason);
  return found as T;
}
