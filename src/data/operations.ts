import type { Operation } from '@/core/operations/operations';
import { insertRows } from './columns';
import type { Sql } from './sql';

type Stored = Record<'id' | 'version' | 'at' | 'write', unknown>;

/** The operations of these ids that were journalled, unchecked. */
export const listOperations = (sql: Sql, ids: readonly string[]): Promise<Stored[]> =>
  sql.query<Stored>(`select id, version, at, write from operation where id = any($1::uuid[])`, [ids]);

/** An operation with its visit and its place in the journal. */
export type PlacedOperation = { readonly operation: Operation; readonly visitId: string | null; readonly seq: number };

/** Notes operations under their places in the journal, in one statement. */
export const insertOperations = (sql: Sql, placed: readonly PlacedOperation[]): Promise<void> =>
  insertRows(
    sql,
    'operation',
    placed.map(({ operation: { id, version, at, write }, visitId, seq }) => ({
      id,
      version,
      name: write.name,
      at,
      write,
      visitId,
      seq,
    })),
  );

/** The visit of a room, and the place in the journal of its last operation; undefined when there is no such room. */
export const placeOfRoom = async (sql: Sql, roomId: string): Promise<{ visitId: string; position: number } | undefined> =>
  (
    await sql.query<{ visitId: string; position: number }>(
      `select r.visit_id, coalesce((select max(seq) from operation o where o.visit_id = r.visit_id), 0)::float8 as position
       from room r where r.id = $1`,
      [roomId],
    )
  )[0];

/** The place in the journal of the last operation of a visit; 0 before the first. */
export const journalPosition = async (sql: Sql, visitId: string): Promise<number> =>
  (
    await sql.query<{ seq: number }>(`select coalesce(max(seq), 0)::float8 as seq from operation where visit_id = $1`, [visitId])
  )[0]!.seq;

/** Place in the journal of the last operation of each visit that has any. */
export const journalPositions = async (sql: Sql): Promise<ReadonlyMap<string, number>> =>
  new Map(
    (
      await sql.query<{ visitId: string; seq: number }>(
        `select visit_id, max(seq)::float8 as seq from operation where visit_id is not null group by visit_id`,
      )
    ).map(({ visitId, seq }) => [visitId, seq]),
  );

/** Operations of a visit after a place in the journal, at most so many, in their order; unchecked. */
export const listOperationsSince = (sql: Sql, visitId: string, seq: number, most: number) =>
  sql.query<Stored>(`select id, version, at, write from operation where visit_id = $1 and seq > $2 order by seq limit $3`, [
    visitId,
    seq,
    most,
  ]);

/** What a database says of operations after a place in the journal, unchecked, in their order. */
export const listPlacedAfter = (sql: Sql, seq: number) =>
  sql.query<Stored & { visitId: string | null; seq: number }>(
    `select id, version, at, write, visit_id, seq::float8 as seq from operation where seq > $1 order by seq`,
    [seq],
  );
