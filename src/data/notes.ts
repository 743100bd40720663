import { z } from 'zod';
import { noteRow } from './rows';
import type { Sql } from './sql';

/** Notes of a visit, oldest first, those taken back included. */
export const listNotes = async (sql: Sql, visitId: string) =>
  z.array(noteRow).parse(
    await sql.query(
      `select n.id, n.room_id, n.candidate_id, n.words, n.at, coalesce(
         (select r.removed from note_removal r join operation p on p.id = r.id where r.note_id = n.id order by p.seq desc limit 1),
         false) as undone
       from note n join operation o on o.id = n.id
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

/** Taken away, or put back as it was: its words, its time. The last one holds. */
export const insertNoteRemoval = (sql: Sql, r: { id: string; noteId: string; removed: boolean; at: string }) =>
  sql.query(`insert into note_removal (id, note_id, removed, at) values ($1, $2, $3, $4::timestamptz)`, [
    r.id,
    r.noteId,
    r.removed,
    r.at,
  ]);
