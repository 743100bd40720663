import { z } from 'zod';
import { candidateRow } from './rows';
import type { Sql } from './sql';

const COLUMNS = 'id, room_id, deck_colour_id, strength';

export const listCandidates = async (sql: Sql, visitId: string) =>
  z.array(candidateRow).parse(
    await sql.query(
      `select ${COLUMNS} from candidate
       where room_id in (select id from room where visit_id = $1) and not retired order by position, strength desc`,
      [visitId],
    ),
  );

export const findCandidate = async (sql: Sql, id: string) =>
  z.array(candidateRow).parse(await sql.query(`select ${COLUMNS} from candidate where id = $1`, [id]))[0];

/** A colour's strengths stand together; taking up a retired one again brings it back. Answers the row's id, old or new. */
export const upsertCandidate = (sql: Sql, c: { id: string; roomId: string; deckColourId: string; strength: number }) =>
  sql.query<{ id: string }>(
    `insert into candidate (id, room_id, deck_colour_id, strength, position)
     values ($1, $2, $3, $4, coalesce(
       (select min(position) from candidate where room_id = $2 and deck_colour_id = $3),
       (select coalesce(max(position), 0) + 1 from candidate where room_id = $2)))
     on conflict (room_id, deck_colour_id, strength) do update set retired = false returning id`,
    [c.id, c.roomId, c.deckColourId, c.strength],
  );

export const retireCandidate = (sql: Sql, id: string, roomId: string, retired: boolean) =>
  sql.query<{ id: string }>(`update candidate set retired = $3 where id = $1 and room_id = $2 returning id`, [
    id,
    roomId,
    retired,
  ]);
