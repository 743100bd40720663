import { z } from 'zod';
import type { Room, RoomLamp, RoomWindow } from '@/core/record/types';
import { lampRow, windowRow } from './rows';
import type { Sql } from './sql';

const OF_VISIT = `room_id in (select id from room where visit_id = $1)`;

export const listWindows = async (sql: Sql, visitId: string) =>
  z.array(windowRow).parse(
    await sql.query(
      `select id, room_id, wall, width_m, height_m, left_m, sill_m, glazing, curtain, obstruction_deg, reveal_m, overhang_m
       from room_window where ${OF_VISIT} order by position, id`,
      [visitId],
    ),
  );

export const listLamps = async (sql: Sql, visitId: string) =>
  z.array(lampRow).parse(
    await sql.query(
      `select id, room_id, name, cct_k, kind, lumens, throws, x_m, y_m, height_m, dimmed_percent
       from lamp where ${OF_VISIT} order by position, id`,
      [visitId],
    ),
  );

/** What a room's light is described by, apart from windows and lamps. */
export type RoomLightFields = Pick<
  Room,
  'bearingDeg' | 'widthM' | 'depthM' | 'heightM' | 'ground' | 'obstruction' | 'ceiling' | 'oldWall'
>;

const asJson = (value: unknown) => (value === null ? null : JSON.stringify(value));

/** Sets what a room's light is described by; empty when the room is not at `revision` any more. */
export const updateRoomLight = (sql: Sql, room: { id: string; revision: number }, light: RoomLightFields) =>
  sql.query<{ id: string }>(
    `update room set bearing_deg = $3, width_m = $4, depth_m = $5, height_m = $6, ground = $7, obstruction = $8,
       ceiling = $9::jsonb, old_wall = $10::jsonb, revision = revision + 1
     where id = $1 and revision = $2 returning id`,
    [
      room.id,
      room.revision,
      light.bearingDeg,
      light.widthM,
      light.depthM,
      light.heightM,
      light.ground,
      light.obstruction,
      asJson(light.ceiling),
      asJson(light.oldWall),
    ],
  );

export const deleteWindows = (sql: Sql, roomId: string) => sql.query(`delete from room_window where room_id = $1`, [roomId]);

export const insertWindows = (sql: Sql, roomId: string, windows: readonly RoomWindow[]) =>
  sql.query(
    `insert into room_window
       (id, room_id, position, wall, width_m, height_m, left_m, sill_m, glazing, curtain, obstruction_deg, reveal_m, overhang_m)
     select (w->>'id')::uuid, $1, n, (w->>'wall')::int4, (w->>'widthM')::float8, (w->>'heightM')::float8, (w->>'leftM')::float8,
       (w->>'sillM')::float8, w->>'glazing', w->>'curtain', (w->>'obstructionDeg')::float8, (w->>'revealM')::float8,
       (w->>'overhangM')::float8
     from jsonb_array_elements($2::jsonb) with ordinality as t (w, n)`,
    [roomId, JSON.stringify(windows)],
  );

export const deleteLamps = (sql: Sql, roomId: string) => sql.query(`delete from lamp where room_id = $1`, [roomId]);

export const insertLamps = (sql: Sql, roomId: string, lamps: readonly RoomLamp[]) =>
  sql.query(
    `insert into lamp (id, room_id, position, name, cct_k, kind, lumens, throws, x_m, y_m, height_m, dimmed_percent)
     select (l->>'id')::uuid, $1, n, l->>'name', (l->>'cctK')::float8, l->>'kind', (l->>'lumens')::float8, l->>'throws',
       (l->>'xM')::float8, (l->>'yM')::float8, (l->>'heightM')::float8, (l->>'dimmedPercent')::float8
     from jsonb_array_elements($2::jsonb) with ordinality as t (l, n)`,
    [roomId, JSON.stringify(lamps)],
  );
