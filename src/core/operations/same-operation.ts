import type { Operation } from './operations';
import { readOperation } from './upgrade';

/** What of an operation was said, as one text: members in the order of their names, and without what the server filled in. */
function saidOf({ id, at, write }: Operation): string {
  const said = write.name === 'candidate.add' ? { ...write, facts: null, candidateId: null } : write;
  return JSON.stringify({ id, at, write: said }, (_, value: unknown) =>
    typeof value === 'object' && value !== null && !Array.isArray(value)
      ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
      : value,
  );
}

/**
 * Whether an operation says what one of the same id said that was kept before. One of an earlier version, which was brought up to today's
 * when it was read, is taken to be the same: there is nothing to compare it with.
 */
export function isSameOperation(kept: unknown, given: Operation): boolean {
  if ((kept as { version?: unknown }).version === 0) return true;
  const read = readOperation(kept);
  return !read.success || saidOf(read.data) === saidOf(given);
}
