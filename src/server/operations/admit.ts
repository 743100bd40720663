import type { Write } from '@/core/operations/operations';
import { isRetired, type Retirable } from '@/data/retire';
import type { Sql } from '@/data/sql';
import { refuse } from './refuse';

/** Refuses what may not be said now. What stands in the journal was admitted when it was said, and is never asked again. */
export async function admit(sql: Sql, write: Write): Promise<void> {
  if (write.name !== 'verdict.give') return;
  const named: readonly (readonly [Retirable, string | null, string])[] = [
    ['candidate', write.candidateId, 'colour'],
    ['stay', write.stayId, 'thing that stays'],
    ['look', write.lookId, 'look'],
  ];
  for (const [table, id, what] of named)
    if (id !== null && (await isRetired(sql, table, { id, roomId: write.roomId }))) refuse({ reason: 'taken-out', what });
}
