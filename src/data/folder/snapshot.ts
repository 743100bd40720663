import type { Entry } from '../journal/line';
import type { Sql } from '../sql';

type Rows = Extract<Entry, { readonly kind: 'rows' }>;
/** Rows in one line of the journal at most. */
const MOST_ROWS = 500;

async function tables(sql: Sql): Promise<string[]> {
  const names = await sql.query<{ name: string }>(
    `select tablename as name from pg_tables where schemaname = 'public' and tablename <> 'migration' order by tablename`,
  );
  return names.map((n) => n.name);
}

/**
 * Every row of every table, as entries a journal can begin with. Read in one transaction; `picture` bytes must have been moved out
 * before.
 */
export async function* snapshot(sql: Sql): AsyncGenerator<Rows> {
  const migrations = (await sql.query<{ name: string }>('select name from migration order by name')).map((m) => m.name);
  for (const table of await tables(sql)) {
    const [{ n } = { n: 0 }] = await sql.query<{ n: number }>(`select count(*)::int4 as n from ${table}`);
    for (let from = 0; from < n; from += MOST_ROWS) {
      const rows = await sql.query<{ row: unknown }>(
        `select to_jsonb(t) as row from (select * from ${table} order by ctid limit ${MOST_ROWS} offset ${from}) t`,
      );
      yield { kind: 'rows', table, migrations, rows: rows.map((r) => r.row) };
    }
  }
}

/** In this transaction what rows refer to is not asked for, and nothing is refused as append-only: they stood together before. */
export const trustReferences = (sql: Sql) => sql.query(`set local session_replication_role = replica`);

const IDENTIFIER = /^[a-z_]+$/;

/** Puts rows of a snapshot into an empty table; what refers to what is not asked until all are in. */
export async function putRows(sql: Sql, { table, rows }: Rows): Promise<void> {
  if (!IDENTIFIER.test(table)) throw new TypeError(`${table} is no table`);
  await trustReferences(sql);
  await sql.query(`insert into ${table} select * from jsonb_populate_recordset(null::${table}, $1::jsonb)`, [
    JSON.stringify(rows),
  ]);
}
