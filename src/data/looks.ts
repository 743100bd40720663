import { z } from 'zod';
import { idSchema } from '@/core/base/fields';
import { lookSchema, type Look } from '@/core/record/look';
import { lookHandSchema, type LookHand } from '@/core/record/look-hand';
import { columnsOf, insertRow, OF_VISIT } from './columns';
import type { Sql } from './sql';

const lookRow = lookSchema.extend({ roomId: idSchema, retired: z.boolean() });

/** Looks of a visit in the order of their numbers, those taken away included. */
export const listLooks = async (sql: Sql, visitId: string) =>
  z
    .array(lookRow)
    .parse(
      await sql.query(
        `select ${columnsOf(lookRow.omit({ date: true }))}, date::text as date from look where ${OF_VISIT} order by number, id`,
        [visitId],
      ),
    );

/** Empty when the look belongs to another room. */
export const upsertLook = (sql: Sql, roomId: string, l: Look) =>
  sql.query<{ id: string }>(
    `insert into look (id, room_id, number, light, from_hour, to_hour, walls, candidate_ids, who, date, decides, missed, by_hand, state,
       reason, taken_at)
     values ($1, $2, $3, $4, $5, $6, $7::text[], $8::uuid[], $9, $10::date, $11, $12, $13, $14, $15, $16::timestamptz)
     on conflict (id) do update set number = excluded.number, light = excluded.light, from_hour = excluded.from_hour,
       to_hour = excluded.to_hour, walls = excluded.walls, candidate_ids = excluded.candidate_ids, who = excluded.who, date = excluded.date,
       decides = excluded.decides, missed = excluded.missed, by_hand = excluded.by_hand, state = excluded.state, reason = excluded.reason,
       taken_at = excluded.taken_at, retired = false
     where look.room_id = excluded.room_id returning id`,
    [
      l.id,
      roomId,
      l.number,
      l.light,
      l.fromHour,
      l.toHour,
      l.walls,
      l.candidateIds,
      l.who,
      l.date,
      l.decides,
      l.missed,
      l.byHand,
      l.state,
      l.reason,
      l.takenAt,
    ],
  );

/** Hand-outs of a visit, oldest first. */
export const listHands = async (sql: Sql, visitId: string): Promise<LookHand[]> =>
  z
    .array(lookHandSchema)
    .parse(await sql.query(`select ${columnsOf(lookHandSchema)} from look_hand where visit_id = $1 order by seq`, [visitId]));

export const insertHand = (sql: Sql, visitId: string, hand: LookHand): Promise<void> =>
  insertRow(sql, 'look_hand', { ...hand, visitId });

/** Which of some looks are in a visit. */
export const countLooks = async (sql: Sql, visitId: string, ids: readonly string[]): Promise<number> =>
  (
    await sql.query<{ count: number }>(
      `select count(*)::int4 as count from look where id = any($2::uuid[]) and room_id in (select id from room where visit_id = $1)`,
      [visitId, ids],
    )
  )[0]!.count;
