import { z } from 'zod';
import type { RecordedColour, RoomLamp, RoomWindow } from '@/core/record/types';
import { lampRow, windowRow } from './rows';
import type { Sql } from './sql';

const OF_VISIT = `room_id in (select id from room where visit_id = $1)`;

export const listWindows = async (sql: Sql, visitId: string) =>
  z
    .array(windowRow)
    .parse(
      await sql.query(`select id, room_id, wall, width_m, height_m from room_window where ${OF_VISIT} order by position, id`, [
        visitId,
      ]),
    );

export const listLamps = async (sql: Sql, visitId: string) =>
  z
    .array(lampRow)
    .parse(await sql.query(`select id, room_id, name, cct_k from lamp where ${OF_VISIT} order by position, id`, [visitId]));

/** Sets bearing and old wall colour; empty when the room is not at `revision` any more. */
export const updateRoomLight = (
  sql: Sql,
  room: { id: string; revision: number; bearingDeg: number | null; oldWall: RecordedColour | null },
) =>
  sql.query<{ id: string }>(
    `update room set bearing_deg = $3, old_wall = $4::jsonb, revision = revision + 1 where id = $1 and revision = $2 returning id`,
    [room.id, room.revision, room.bearingDeg, room.oldWall === null ? null : JSON.stringify(room.oldWall)],
  );

export const deleteWindows = (sql: Sql, roomId: string) => sql.query(`delete from room_window where room_id = $1`, [roomId]);

export const insertWindows = (sql: Sql, roomId: string, windows: readonly RoomWindow[]) =>
  sql.query(
    `insert into room_window (id, room_id, position, wall, width_m, height_m)
     select (w->>'id')::uuid, $1, n, (w->>'wall')::int4, (w->>'widthM')::float8, (w->>'heightM')::float8
     from jsonb_array_elements($2::jsonb) with ordinality as t (w, n)`,
    [roomId, JSON.stringify(windows)],
  );

export const deleteLamps = (sql: Sql, roomId: string) => sql.query(`delete from lamp where room_id = $1`, [roomId]);

export const insertLamps = (sql: Sql, roomId: string, lamps: readonly RoomLamp[]) =>
  sql.query(
    `insert into lamp (id, room_id, position, name, cct_k)
     select (l->>'id')::uuid, $1, n, l->>'name', (l->>'cctK')::float8
     from jsonb_array_elements($2::jsonb) with ordinality as t (l, n)`,
    [roomId, JSON.stringify(lamps)],
  );
