import { z } from 'zod';
import { idSchema } from '../base/fields';
import { byOrdinalAndStrength, nextOrdinal } from '@/core/record/by-ordinal';
import { candidateSchema, deckFactsSchema, type Candidate } from '@/core/record/candidate';
import { notFound, roomOperation } from './operation';
import { everyOne, setRetired, withKind } from './retire';

const { deckColourId, strength } = candidateSchema.shape;

const schema = z.strictObject({
  name: z.literal('candidate.add'),
  roomId: idSchema,
  candidateId: idSchema,
  deckColourId,
  strength,
  /** What the deck says of it. A page says what it knows, for its own view; the server fills in its own before the write is journalled. */
  facts: deckFactsSchema.nullable().default(null),
});
export type CandidateAdd = z.infer<typeof schema>;

/** A colour's strengths stand together; a new colour comes last. */
function ordinalOf(all: readonly Candidate[], colour: string): number {
  const own = all.filter((c) => c.deckColourId === colour).map((c) => c.ordinal);
  return own.length > 0 ? Math.min(...own) : nextOrdinal(all);
}

/** Takes a colour at a strength into a room. One that was taken out comes back as it was, with its verdicts, under its own id. */
export const candidateAdd = roomOperation(schema, (room, write) => {
  const { candidateId: id, deckColourId, strength, facts } = write;
  const all = everyOne(room, 'candidates');
  const known = all.find((c) => c.deckColourId === deckColourId && c.strength === strength);
  if (known) return setRetired(room, 'candidates', { id: known.id, retired: false, what: 'colour', order: byOrdinalAndStrength });
  if (all.some((c) => c.id === id)) return { reason: 'already-there', what: 'candidate.add' };
  if (!facts) return notFound('deck colour');
  const candidate: Candidate = { id, deckColourId, strength, ordinal: ordinalOf(all, deckColourId), ...facts };
  return withKind(room, 'candidates', {
    here: [...room.candidates, candidate],
    retired: room.retired.candidates,
    order: byOrdinalAndStrength,
  });
});
