import { z } from 'zod';
import { idSchema } from '@/core/base/fields';
import { lookSchema } from '@/core/record/look';
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
