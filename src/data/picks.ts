import { z } from 'zod';
import { pairPickRow } from './rows';
import type { Sql } from './sql';

/** The client's picks of a visit, oldest first, undone ones included. */
export const listPicks = async (sql: Sql, visitId: string) =>
  z.array(pairPickRow).parse(
    await sql.query(
      `select p.id, p.room_id, p.chosen_id, p.other_id, p.at, u.id is not null as undone
       from pair_pick p join operation o on o.id = p.id left join pair_pick_undo u on u.pick_id = p.id
       where p.room_id in (select id from room where visit_id = $1) order by o.seq`,
      [visitId],
    ),
  );

export const insertPick = (sql: Sql, p: { id: string; roomId: string; chosenId: string; otherId: string; at: string }) =>
  sql.query(`insert into pair_pick (id, room_id, chosen_id, other_id, at) values ($1, $2, $3, $4, $5::timestamptz)`, [
    p.id,
    p.roomId,
    p.chosenId,
    p.otherId,
    p.at,
  ]);

/** Undoing twice is undoing once. */
export const insertPickUndo = (sql: Sql, u: { id: string; pickId: string; at: string }) =>
  sql.query(`insert into pair_pick_undo (id, pick_id, at) values ($1, $2, $3::timestamptz) on conflict (pick_id) do nothing`, [
    u.id,
    u.pickId,
    u.at,
  ]);

export const pickExists = async (sql: Sql, id: string, roomId: string): Promise<boolean> =>
  (await sql.query(`select id from pair_pick where id = $1 and room_id = $2`, [id, roomId])).length > 0;
