import type { Operation } from './operations';
import { readOperation } from './upgrade';
import { sameValue } from '../base/same-value';

/** What of an operation was said, without what the server filled in. */
const saidOf = ({ id, at, write }: Operation) => ({
  id,
  at,
  write: write.name === 'candidate.add' ? { ...write, facts: null, candidateId: null } : write,
});

/**
 * Whether an operation says what one of the same id said that was kept before. One of an earlier version, which was brought up to today's
 * when it was read, is taken to be the same: there is nothing to compare it with.
 */
export function isSameOperation(kept: unknown, given: Operation): boolean {
  if ((kept as { version?: unknown }).version === 0) return true;
  const read = readOperation(kept);
  return !read.success || sameValue(saidOf(read.data), saidOf(given));
}
