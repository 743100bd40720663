import { z } from 'zod';
import type { LightMeterReading } from '@/core/record/types';
import { lightReadingRow } from './rows';
import type { Sql } from './sql';

/** Readings of a visit, oldest first, undone ones included. */
export const listLightReadings = async (sql: Sql, visitId: string) =>
  z.array(lightReadingRow).parse(
    await sql.query(
      `select r.id, r.room_id, r.position, r.lux, r.cct_k, r.computed_lux, r.sky, r.lamps_on, r.at, u.id is not null as undone
       from light_reading r left join light_reading_undo u on u.reading_id = r.id
       where r.room_id in (select id from room where visit_id = $1) order by r.at, r.id`,
      [visitId],
    ),
  );

export const insertLightReading = (sql: Sql, roomId: string, reading: Omit<LightMeterReading, 'undone'>) =>
  sql.query(
    `insert into light_reading (id, room_id, position, lux, cct_k, computed_lux, sky, lamps_on, at)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9)`,
    [
      reading.id,
      roomId,
      reading.position,
      reading.lux,
      reading.cctK,
      reading.computedLux,
      reading.sky,
      reading.lampsOn,
      reading.at,
    ],
  );

export const lightReadingExists = async (sql: Sql, id: string, roomId: string) =>
  (await sql.query(`select id from light_reading where id = $1 and room_id = $2`, [id, roomId])).length > 0;

export const insertLightReadingUndo = (sql: Sql, undo: { id: string; readingId: string; at: string }) =>
  sql.query(`insert into light_reading_undo (id, reading_id, at) values ($1, $2, $3)`, [undo.id, undo.readingId, undo.at]);

export const setCalibrated = (sql: Sql, roomId: string, on: boolean) =>
  sql.query<{ id: string }>(`update room set calibrated = $2 where id = $1 returning id`, [roomId, on]);
