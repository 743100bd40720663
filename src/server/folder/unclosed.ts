import { cpSync, existsSync, rmSync } from 'node:fs';
import { openDatabase } from '@/data/db';
import { listPlacedAfter } from '@/data/operations';
import { listPictureRows, type PictureRow } from '@/data/photos';
import { countRows } from '@/data/row-counts';
import { USUAL_LIMITS } from '@/data/within-time';
import { remove } from './places';
import type { Database, Sql } from '@/data/sql';

type Stored = Awaited<ReturnType<typeof listPlacedAfter>>[number];

/** What a database that was not closed, or not left as it was, knows beyond a place in the journal; or why it cannot be asked. */
export type Unclosed =
  | {
      readonly read: true;
      /** Operations after that place, as they are noted. */
      readonly beyond: readonly Stored[];
      readonly pictures: readonly PictureRow[];
      /** Rows by table. */
      readonly rows: Readonly<Record<string, number>>;
      /** Migrations it stands at. */
      readonly migrations: readonly string[];
    }
  | { readonly read: false; readonly why: string };

const COPY = '.asked.new';

async function ask(sql: Sql, after: number): Promise<Unclosed> {
  const rows = await countRows(sql);
  const migrations = (await sql.query<{ name: string }>('select name from migration order by name')).map((m) => m.name);
  const journalled = migrations.includes('0014_journal.sql');
  return {
    read: true,
    beyond: journalled ? await listPlacedAfter(sql, after) : [],
    pictures: journalled ? await listPictureRows(sql) : [],
    rows,
    migrations,
  };
}

/** Asks a database what it knows after a place in the journal; a copy of it is asked, so that it stays as it was found. */
export async function askUnclosed(database: string, after: number): Promise<Unclosed> {
  const copy = database + COPY;
  let db: Database | undefined;
  try {
    if (!existsSync(database)) return { read: false, why: 'it is not there' };
    rmSync(copy, { recursive: true, force: true });
    cpSync(database, copy, { recursive: true });
    db = await openDatabase(copy, undefined, { limits: USUAL_LIMITS });
    return await ask(db, after);
  } catch (e) {
    return { read: false, why: e instanceof Error ? e.message.split('\n')[0]! : String(e) };
  } finally {
    await db?.close().catch(() => undefined);
    if (existsSync(copy)) remove(copy);
  }
}
