import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import type { Database } from './sql';

/** Where the numbered migrations lie, seen from the project's folder. */
export const MIGRATIONS = path.join('src', 'data', 'migrations');

type Options = {
  readonly folder?: string;
  /** The last one to apply; the newest when left out. */
  readonly upTo?: string | undefined;
};

/** The folder was written by a build that knows more. */
export class FolderNewer extends Error {
  constructor(names: readonly string[]) {
    super(`the data folder was written by a newer Elm Swatch (${names.join(', ')})`);
    this.name = 'FolderNewer';
  }
}

/**
 * Brings the database up to the newest migration, each in its own transaction, in numeric order.
 *
 * @returns the names of those applied now
 * @throws FolderNewer when the database holds a migration this build does not know: an older build must not write to it
 */
export async function migrate(db: Database, { folder = MIGRATIONS, upTo }: Options = {}): Promise<string[]> {
  await db.unsafeScript(
    'create table if not exists migration (name text primary key, applied_at timestamptz not null default now())',
  );
  const known = readdirSync(/* turbopackIgnore: true */ folder)
    .filter((f) => /^\d{4}_\w+\.sql$/.test(f))
    .sort();
  const done = (await db.query<{ name: string }>('select name from migration order by name')).map((r) => r.name);
  const newer = done.filter((name) => !known.includes(name));
  if (newer.length > 0) throw new FolderNewer(newer);
  const applied: string[] = [];
  for (const name of known.filter((k) => !done.includes(k) && (upTo === undefined || k <= upTo))) {
    const script = readFileSync(path.join(/* turbopackIgnore: true */ folder, name), 'utf8');
    const quoted = name.replaceAll("'", "''");
    await db.unsafeScript(`begin;\n${script}\ninsert into migration (name) values ('${quoted}');\ncommit;`);
    applied.push(name);
  }
  return applied;
}
