import { z } from 'zod';
import type { RulingEvent, VerdictEvent } from '@/core/record/types';
import { rulingRow, verdictRow } from './rows';
import type { Sql } from './sql';

/** Oldest first, as they were recorded, each with its latest reason and whether it was undone. */
export const listVerdicts = async (sql: Sql, visitId: string) =>
  z.array(verdictRow).parse(
    await sql.query(
      `select v.id, v.room_id, v.candidate_id, v.stay_id, v.light, v.person, v.verdict, v.predicted, v.moment, v.first_glance_ms, v.at,
         (select r.reason from verdict_reason r join operation p on p.id = r.id where r.verdict_id = v.id order by p.seq desc limit 1) as reason,
         exists (select 1 from verdict_undo u where u.verdict_id = v.id) as undone
       from verdict v join operation o on o.id = v.id
       where v.room_id in (select id from room where visit_id = $1) order by o.seq`,
      [visitId],
    ),
  );

type NewVerdict = Omit<VerdictEvent, 'reason' | 'undone'> & { readonly roomId: string };

export const insertVerdict = (sql: Sql, v: NewVerdict) =>
  sql.query(
    `insert into verdict (id, room_id, candidate_id, stay_id, light, person, verdict, predicted, moment, first_glance_ms, at)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9::jsonb, $10, $11::timestamptz)`,
    [
      v.id,
      v.roomId,
      v.candidateId,
      v.stayId,
      v.light,
      v.person,
      v.verdict,
      v.predicted,
      v.moment && JSON.stringify(v.moment),
      v.firstGlanceMs,
      v.at,
    ],
  );

export const verdictExists = async (sql: Sql, id: string, roomId: string): Promise<boolean> =>
  (await sql.query(`select id from verdict where id = $1 and room_id = $2`, [id, roomId])).length > 0;

export const insertVerdictReason = (sql: Sql, r: { id: string; verdictId: string; reason: string; at: string }) =>
  sql.query(`insert into verdict_reason (id, verdict_id, reason, at) values ($1, $2, $3, $4::timestamptz)`, [
    r.id,
    r.verdictId,
    r.reason,
    r.at,
  ]);

/** Undoing twice is undoing once. */
export const insertVerdictUndo = (sql: Sql, u: { id: string; verdictId: string; at: string }) =>
  sql.query(
    `insert into verdict_undo (id, verdict_id, at) values ($1, $2, $3::timestamptz) on conflict (verdict_id) do nothing`,
    [u.id, u.verdictId, u.at],
  );

export const listRulings = async (sql: Sql, visitId: string) =>
  z.array(rulingRow).parse(
    await sql.query(
      `select r.id, r.room_id, r.candidate_id, r.ruling, r.note, r.at from ruling r join operation o on o.id = r.id
       where r.room_id in (select id from room where visit_id = $1) order by o.seq`,
      [visitId],
    ),
  );

export const insertRuling = (sql: Sql, r: RulingEvent & { readonly roomId: string }) =>
  sql.query(`insert into ruling (id, room_id, candidate_id, ruling, note, at) values ($1, $2, $3, $4, $5, $6::timestamptz)`, [
    r.id,
    r.roomId,
    r.candidateId,
    r.ruling,
    r.note,
    r.at,
  ]);
