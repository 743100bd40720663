import { z } from 'zod';
import type { LightSchools } from '@/core/judge/light-conflict';
import type { Units, VisitPlace } from '@/core/record/types';
import { roomRow, visitRow, visitSummaryRow, type VisitSummary } from './rows';
import type { Sql } from './sql';

export const listVisits = async (sql: Sql): Promise<VisitSummary[]> =>
  z.array(visitSummaryRow).parse(
    await sql.query(
      `select v.id, v.label, v.place_name, v.created_at, count(r.id)::int4 as rooms
       from visit v left join room r on r.visit_id = v.id and not r.retired
       group by v.id order by v.created_at desc, v.id desc`,
    ),
  );

export const findVisit = async (sql: Sql, id: string) =>
  z.array(visitRow).parse(
    await sql.query(
      `select id, label, place_name, latitude, longitude, time_zone, units, dim_white, fighting_light, revision, created_at
         from visit where id = $1`,
      [id],
    ),
  )[0];

type VisitFields = { id: string; label: string; place: VisitPlace; units: Units };

export const insertVisit = (sql: Sql, v: VisitFields & { at: string }) =>
  sql.query(
    `insert into visit (id, label, place_name, latitude, longitude, time_zone, units, created_at)
     values ($1, $2, $3, $4, $5, $6, $7, $8::timestamptz)`,
    [v.id, v.label, v.place.name, v.place.latitude, v.place.longitude, v.place.timeZone, v.units, v.at],
  );

/** Empty when there is no such visit. */
export const setSchools = (sql: Sql, id: string, { dimWhite, fightingLight }: LightSchools) =>
  sql.query<{ id: string }>(`update visit set dim_white = $2, fighting_light = $3 where id = $1 returning id`, [
    id,
    dimWhite,
    fightingLight,
  ]);

/** Empty when the visit is not at `revision` any more. */
export const updateVisit = (sql: Sql, v: VisitFields & { revision: number }) =>
  sql.query<{ id: string }>(
    `update visit set label = $3, place_name = $4, latitude = $5, longitude = $6, time_zone = $7, units = $8, revision = revision + 1
     where id = $1 and revision = $2 returning id`,
    [v.id, v.revision, v.label, v.place.name, v.place.latitude, v.place.longitude, v.place.timeZone, v.units],
  );

export const listRooms = async (sql: Sql, visitId: string) =>
  z.array(roomRow).parse(
    await sql.query(
      `select id, name, revision, bearing_deg, width_m, depth_m, height_m, ground, obstruction, ceiling, calibrated, old_wall, wish, wish_words
         from room where visit_id = $1 and not retired order by position, id`,
      [visitId],
    ),
  );

export const insertRoom = (sql: Sql, room: { id: string; visitId: string; name: string }) =>
  sql.query(
    `insert into room (id, visit_id, name, position)
     values ($1, $2, $3, (select coalesce(max(position), 0) + 1 from room where visit_id = $2))`,
    [room.id, room.visitId, room.name],
  );

/** Empty when the room is not at `revision` any more. */
export const renameRoom = (sql: Sql, room: { id: string; revision: number; name: string }) =>
  sql.query<{ id: string }>(`update room set name = $3, revision = revision + 1 where id = $1 and revision = $2 returning id`, [
    room.id,
    room.revision,
    room.name,
  ]);

export const retireRoom = (sql: Sql, id: string, retired: boolean) =>
  sql.query<{ visit_id: string }>(`update room set retired = $2 where id = $1 returning visit_id`, [id, retired]);

export const roomExists = async (sql: Sql, id: string): Promise<boolean> =>
  (await sql.query(`select id from room where id = $1`, [id])).length > 0;

export const countRooms = async (sql: Sql, visitId: string): Promise<number> =>
  (await sql.query<{ n: number }>(`select count(*)::int4 as n from room where visit_id = $1 and not retired`, [visitId]))[0]!.n;

export const setWish = (sql: Sql, room: { id: string; wish: string | null; words: string }) =>
  sql.query<{ id: string }>(`update room set wish = $2, wish_words = $3 where id = $1 returning id`, [
    room.id,
    room.wish,
    room.words,
  ]);
