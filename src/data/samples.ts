import { z } from 'zod';
import { idSchema } from '@/core/base/fields';
import { sampleSchema, type Sample } from '@/core/record/sample';
import { columnsOf, OF_VISIT } from './columns';
import type { Sql } from './sql';

const sampleRow = sampleSchema.extend({ roomId: idSchema, retired: z.boolean() });

/** Samples of a visit in the order in which they were made, those taken away included. */
export const listSamples = async (sql: Sql, visitId: string) =>
  z
    .array(sampleRow)
    .parse(await sql.query(`select ${columnsOf(sampleRow)} from sample where ${OF_VISIT} order by id`, [visitId]));

/** Empty when the sample belongs to another room. */
export const upsertSample = (sql: Sql, roomId: string, s: Sample) =>
  sql.query<{ id: string }>(
    `insert into sample (id, room_id, candidate_id, method, width_m, height_m, border_m, coats, painted_at, read, reason)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9::timestamptz, $10::jsonb, $11)
     on conflict (id) do update set candidate_id = excluded.candidate_id, method = excluded.method, width_m = excluded.width_m,
       height_m = excluded.height_m, border_m = excluded.border_m, coats = excluded.coats, painted_at = excluded.painted_at,
       read = excluded.read, reason = excluded.reason, retired = false
     where sample.room_id = excluded.room_id returning id`,
    [
      s.id,
      roomId,
      s.candidateId,
      s.method,
      s.widthM,
      s.heightM,
      s.borderM,
      s.coats,
      s.paintedAt,
      s.read === null ? null : JSON.stringify(s.read),
      s.reason,
    ],
  );
