import type { Sql } from './sql';

/** How many rows every table of the product has, by its name. */
export async function countRows(sql: Sql): Promise<Record<string, number>> {
  const tables = await sql.query<{ name: string }>(
    `select table_name::text as name from information_schema.tables
     where table_schema = 'public' and table_type = 'BASE TABLE' and table_name <> 'migration' order by 1`,
  );
  const counts: Record<string, number> = {};
  for (const { name } of tables) {
    const [row] = await sql.query<{ n: number }>(`select count(*)::float8 as n from "${name.replaceAll('"', '""')}"`);
    counts[name] = row!.n;
  }
  return counts;
}
