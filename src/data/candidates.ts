import { z } from 'zod';
import { idSchema } from '@/core/base/fields';
import { candidateSchema } from '@/core/record/candidate';
import { columnsOf, OF_VISIT } from './columns';
import type { Sql } from './sql';

/** What is stored of a candidate; the rest is the deck's to say. */
const candidateRow = candidateSchema
  .pick({ id: true, deckColourId: true, strength: true, ordinal: true })
  .extend({ roomId: idSchema, retired: z.boolean() });
export type CandidateRow = z.infer<typeof candidateRow>;

/** Candidates of a visit, those taken out included. */
export const listCandidates = async (sql: Sql, visitId: string): Promise<CandidateRow[]> =>
  z
    .array(candidateRow)
    .parse(
      await sql.query(`select ${columnsOf(candidateRow)} from candidate where ${OF_VISIT} order by ordinal, strength desc`, [
        visitId,
      ]),
    );

/** The candidate of a room that is this colour at this strength, taken out or not. */
export const findCandidateOf = async (
  sql: Sql,
  c: { readonly roomId: string; readonly deckColourId: string; readonly strength: number },
): Promise<CandidateRow | undefined> =>
  z
    .array(candidateRow)
    .parse(
      await sql.query(
        `select ${columnsOf(candidateRow)} from candidate where room_id = $1 and deck_colour_id = $2 and strength = $3`,
        [c.roomId, c.deckColourId, c.strength],
      ),
    )[0];

type NewCandidate = { readonly id: string; readonly roomId: string; readonly deckColourId: string; readonly strength: number };

/** A colour's strengths stand together; taking up a retired one again brings it back. */
export const upsertCandidate = (sql: Sql, c: NewCandidate) =>
  sql.query(
    `insert into candidate (id, room_id, deck_colour_id, strength, ordinal)
     values ($1, $2, $3, $4, coalesce(
       (select min(ordinal) from candidate where room_id = $2 and deck_colour_id = $3),
       (select coalesce(max(ordinal), 0) + 1 from candidate where room_id = $2)))
     on conflict (room_id, deck_colour_id, strength) do update set retired = false`,
    [c.id, c.roomId, c.deckColourId, c.strength],
  );
