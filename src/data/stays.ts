import { z } from 'zod';
import { idSchema } from '@/core/base/fields';
import { componentSchema, type RecordedComponent } from '@/core/record/recorded-colour';
import { staySchema } from '@/core/record/stay';
import { columnsOf, insertRows, OF_VISIT } from './columns';
import type { Sql } from './sql';

const stayRow = staySchema.omit({ components: true }).extend({ roomId: idSchema, retired: z.boolean() });
const lyingRow = staySchema.pick({ id: true, name: true, lies: true, cover: true });
const componentRow = componentSchema.extend({ stayId: idSchema });

/** Things that stay in a visit, those taken out included. */
export const listStays = async (sql: Sql, visitId: string) =>
  z
    .array(stayRow)
    .parse(await sql.query(`select ${columnsOf(stayRow)} from stay where ${OF_VISIT} order by ordinal, id`, [visitId]));

/** Where the things of a room lie. */
export const listLying = async (sql: Sql, roomId: string) =>
  z
    .array(lyingRow)
    .parse(
      await sql.query(`select ${columnsOf(lyingRow)} from stay where room_id = $1 and not retired order by ordinal, id`, [
        roomId,
      ]),
    );

export const listComponents = async (sql: Sql, visitId: string) =>
  z.array(componentRow).parse(
    await sql.query(
      `select ${columnsOf(componentRow, 'c')} from component c join stay s on s.id = c.stay_id
       where s.${OF_VISIT} order by c.ordinal, c.id`,
      [visitId],
    ),
  );

export const findStay = async (sql: Sql, id: string) =>
  z.array(stayRow).parse(await sql.query(`select ${columnsOf(stayRow)} from stay where id = $1`, [id]))[0];

/** The place after the last thing of a room, taken out or not. */
export const nextStayOrdinal = async (sql: Sql, roomId: string): Promise<number> =>
  (await sql.query<{ n: number }>(`select coalesce(max(ordinal), 0) + 1 as n from stay where room_id = $1`, [roomId]))[0]!.n;

/** Puts these colours in the place of those a thing had. */
export async function replaceComponents(sql: Sql, stayId: string, components: readonly RecordedComponent[]): Promise<void> {
  await sql.query(`delete from component where stay_id = $1`, [stayId]);
  await insertRows(
    sql,
    'component',
    components.map((c, i) => ({ ...c, stayId, ordinal: i + 1 })),
  );
}
