import type { Operation, WriteOf } from '@/core/operations/operations';
import { findCandidateOf } from '@/data/candidates';
import { heldIn } from '@/data/held';
import type { Sql } from '@/data/sql';
import { deckFactsOf } from '../deck/deck-facts';
import { refuse } from './refuse';

/** A colour that was in the room before keeps its own id; what the deck says of it is the server's word. */
async function candidate(sql: Sql, write: WriteOf<'candidate.add'>): Promise<WriteOf<'candidate.add'>> {
  const facts = (await deckFactsOf(sql, [write]))[0];
  if (!facts) {
    // an id that is taken is said first, as the core says it, which knows no deck
    const taken = (await heldIn(sql, write.roomId, [['candidate', write.candidateId]])).size > 0;
    return refuse(taken ? { reason: 'already-there', what: 'candidate.add' } : { reason: 'not-found', what: 'deck colour' });
  }
  const known = await findCandidateOf(sql, write);
  return { ...write, candidateId: known?.id ?? write.candidateId, facts };
}

/** The operation with everything looked up that it needs, as it goes into the journal: doing it again looks nothing up. */
export async function resolve(sql: Sql, operation: Operation): Promise<Operation> {
  const { write } = operation;
  return write.name === 'candidate.add' ? { ...operation, write: await candidate(sql, write) } : operation;
}
