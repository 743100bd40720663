import type { Database } from '@/data/sql';

/** Every row of every table as text, table by table, in an order that does not depend on how they came there. */
export async function tablesOf(db: Database): Promise<Readonly<Record<string, readonly string[]>>> {
  const names = await db.query<{ name: string }>(
    `select tablename as name from pg_tables where schemaname = 'public' and tablename <> 'migration' order by tablename`,
  );
  const found: Record<string, readonly string[]> = {};
  for (const { name } of names)
    found[name] = (await db.query<{ row: string }>(`select to_jsonb(t)::text as row from ${name} t order by 1`)).map(
      (r) => r.row,
    );
  return found;
}
