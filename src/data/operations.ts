import type { Operation } from '@/core/operations/operations';
import type { Sql } from './sql';

/** Whether the journal holds an operation. */
export const isJournalled = async (sql: Sql, id: string): Promise<boolean> =>
  (await sql.query(`select 1 as there from operation where id = $1`, [id])).length > 0;

/** Writes an operation into the journal; answers its place there. */
export const insertOperation = async (sql: Sql, { id, version, at, write }: Operation, visitId: string | null): Promise<number> =>
  (
    await sql.query<{ seq: number }>(
      `insert into operation (id, version, name, at, write, visit_id) values ($1, $2, $3, $4::timestamptz, $5::jsonb, $6)
       returning seq::float8 as seq`,
      [id, version, write.name, at, JSON.stringify(write), visitId],
    )
  )[0]!.seq;

/** The place in the journal of the last operation of a visit; 0 before the first. */
export const journalPosition = async (sql: Sql, visitId: string): Promise<number> =>
  (
    await sql.query<{ seq: number }>(`select coalesce(max(seq), 0)::float8 as seq from operation where visit_id = $1`, [visitId])
  )[0]!.seq;

/** Operations of a visit after a place in the journal, at most so many, in their order; unchecked. */
export const listOperationsSince = (sql: Sql, visitId: string, seq: number, most: number) =>
  sql.query<Record<'id' | 'version' | 'at' | 'write', unknown>>(
    `select id, version, at, write from operation where visit_id = $1 and seq > $2 order by seq limit $3`,
    [visitId, seq, most],
  );
