import type { Operation } from '@/core/formats/operations';
import type { Sql } from './sql';

/** Writes the operation into the journal; empty when it stands there already (the same write sent twice). */
export const insertOperation = (sql: Sql, { id, at, write }: Operation) =>
  sql.query<{ id: string }>(
    `insert into operation (id, name, at, write) values ($1, $2, $3::timestamptz, $4::jsonb) on conflict (id) do nothing returning id`,
    [id, write.name, at, JSON.stringify(write)],
  );
