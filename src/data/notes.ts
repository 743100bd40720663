import { z } from 'zod';
import { noteRow } from './rows';
import type { Sql } from './sql';

/** Notes of a visit, oldest first, those taken back included. */
export const listNotes = async (sql: Sql, visitId: string) =>
  z.array(noteRow).parse(
    await sql.query(
      `select n.id, n.room_id, n.candidate_id, n.words, n.at, u.id is not null as undone
       from note n join operation o on o.id = n.id left join note_undo u on u.note_id = n.id
       where n.room_id in (select id from room where visit_id = $1) order by o.seq`,
      [visitId],
    ),
  );

export const insertNote = (sql: Sql, n: { id: string; roomId: string; candidateId: string | null; words: string; at: string }) =>
  sql.query(`insert into note (id, room_id, candidate_id, words, at) values ($1, $2, $3, $4, $5::timestamptz)`, [
    n.id,
    n.roomId,
    n.candidateId,
    n.words,
    n.at,
  ]);

export const noteExists = async (sql: Sql, id: string, roomId: string): Promise<boolean> =>
  (await sql.query(`select id from note where id = $1 and room_id = $2`, [id, roomId])).length > 0;

/** Taking back twice is taking back once. */
export const insertNoteUndo = (sql: Sql, u: { id: string; noteId: string; at: string }) =>
  sql.query(`insert into note_undo (id, note_id, at) values ($1, $2, $3::timestamptz) on conflict (note_id) do nothing`, [
    u.id,
    u.noteId,
    u.at,
  ]);
