import type { Sql } from './sql';

/** What can be taken out of a room and put back. */
export type Retirable = 'stay' | 'candidate' | 'photo' | 'scheme' | 'look' | 'sample';

/** Takes a row out of its room, or puts it back; false when the room has none of that id. */
export const setRetired = async (
  sql: Sql,
  table: Retirable,
  row: { readonly id: string; readonly roomId: string; readonly retired: boolean },
): Promise<boolean> =>
  (
    await sql.query(`update ${table} set retired = $3 where id = $1 and room_id = $2 returning id`, [
      row.id,
      row.roomId,
      row.retired,
    ])
  ).length > 0;
