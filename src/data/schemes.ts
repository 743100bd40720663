import { z } from 'zod';
import { idSchema } from '@/core/base/fields';
import { schemeSchema, type Scheme } from '@/core/record/scheme';
import { columnsOf, OF_VISIT } from './columns';
import type { Sql } from './sql';

const schemeRow = schemeSchema.extend({ roomId: idSchema, retired: z.boolean() });

/** Schemes of a visit, in the order they were made, those taken away included. */
export const listSchemes = async (sql: Sql, visitId: string) =>
  z
    .array(schemeRow)
    .parse(await sql.query(`select ${columnsOf(schemeRow)} from scheme where ${OF_VISIT} order by id`, [visitId]));

/** Empty when the scheme belongs to another room. */
export const upsertScheme = (sql: Sql, roomId: string, s: Scheme) =>
  sql.query<{ id: string }>(
    `insert into scheme (id, room_id, name, wall_id, trim_id, accent_ids) values ($1, $2, $3, $4, $5, $6::uuid[])
     on conflict (id) do update set name = excluded.name, wall_id = excluded.wall_id, trim_id = excluded.trim_id,
       accent_ids = excluded.accent_ids, retired = false
     where scheme.room_id = excluded.room_id returning id`,
    [s.id, roomId, s.name, s.wallId, s.trimId, s.accentIds],
  );
