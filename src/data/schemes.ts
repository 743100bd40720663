import { z } from 'zod';
import type { Scheme } from '@/core/record/types';
import { schemeRow } from './rows';
import type { Sql } from './sql';

/** Schemes of a visit, in the order they were made. */
export const listSchemes = async (sql: Sql, visitId: string) =>
  z.array(schemeRow).parse(
    await sql.query(
      `select id, room_id, name, wall_id, trim_id, accent_ids from scheme
       where not retired and room_id in (select id from room where visit_id = $1) order by id`,
      [visitId],
    ),
  );

/** Empty when the scheme belongs to another room. */
export const upsertScheme = (sql: Sql, roomId: string, s: Scheme) =>
  sql.query<{ id: string }>(
    `insert into scheme (id, room_id, name, wall_id, trim_id, accent_ids) values ($1, $2, $3, $4, $5, $6::uuid[])
     on conflict (id) do update set name = excluded.name, wall_id = excluded.wall_id, trim_id = excluded.trim_id,
       accent_ids = excluded.accent_ids, retired = false
     where scheme.room_id = excluded.room_id returning id`,
    [s.id, roomId, s.name, s.wallId, s.trimId, s.accentIds],
  );

export const retireScheme = (sql: Sql, id: string, roomId: string, retired: boolean) =>
  sql.query<{ id: string }>(`update scheme set retired = $3 where id = $1 and room_id = $2 returning id`, [id, roomId, retired]);
