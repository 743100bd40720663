import type { Write, WriteOf } from '@/core/operations/operations';
import { isBehindSignature } from '@/core/record/signed';
import { visitOfRoom } from '@/data/rooms';
import { isRetired, type Retirable } from '@/data/retire';
import type { Sql } from '@/data/sql';
import { loadVisit } from '../visits/load-visit';
import { refuse } from './refuse';

/** What was signed is not taken back: it is decided anew and signed again. */
async function admitUndo(sql: Sql, { roomId, decisionId }: WriteOf<'decision.undo'>): Promise<void> {
  const visitId = await visitOfRoom(sql, roomId);
  const visit = visitId === undefined ? undefined : await loadVisit(sql, visitId);
  const room = visit && [...visit.rooms, ...visit.retiredRooms].find((r) => r.id === roomId);
  if (room && isBehindSignature(room, decisionId)) refuse({ reason: 'signed' });
}

/** Refuses what may not be said now. What stands in the journal was admitted when it was said, and is never asked again. */
export async function admit(sql: Sql, write: Write): Promise<void> {
  if (write.name === 'decision.undo') return admitUndo(sql, write);
  if (write.name !== 'verdict.give') return;
  const named: readonly (readonly [Retirable, string | null, string])[] = [
    ['candidate', write.candidateId, 'colour'],
    ['stay', write.stayId, 'thing that stays'],
    ['look', write.lookId, 'look'],
  ];
  for (const [table, id, what] of named)
    if (id !== null && (await isRetired(sql, table, { id, roomId: write.roomId }))) refuse({ reason: 'taken-out', what });
}
