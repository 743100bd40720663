import { existsSync, mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { openDatabase } from '@/data/db';
import { claimFolder } from '@/data/folder-claim';
import { migrate } from '@/data/migrate';
import { deleteUnusedPictures } from '@/data/photos';
import type { Database } from '@/data/sql';
import { loadShippedDecks } from './deck/load-shipped';
import { loadDemo } from './demo/load';

/** The settings of one process, read once from its environment. */
const settings = () => ({
  folder: path.resolve(/* turbopackIgnore: true */ process.env['ELM_SWATCH_DATA'] ?? 'var/data'),
  /** The demo starts from nothing each time: only bin/demo asks for it, and only after the claim is the folder emptied. */
  fresh: process.env['ELM_SWATCH_FRESH'] === '1',
  demo: process.env['ELM_SWATCH_DEMO'] === '1',
  template: path.resolve('var/template.tar'),
});

type Opened = { readonly db: Database; readonly release: () => void };
const KEY = Symbol.for('elm-swatch.database');
type Holder = { [KEY]?: Promise<Opened> };
const holder = globalThis as Holder;

/** Another living process holds the data folder. */
export class FolderInUse extends Error {
  constructor(folder: string, pid: number) {
    super(`The data folder ${folder} is in use by another Elm Swatch (process ${pid}). Nothing was changed.`);
  }
}

/** Stands in every folder that a demo made; without it nothing is ever emptied. */
const DEMO_MARK = 'this-is-a-demo-folder';

/** Marks the demo's folder and empties it when asked; refuses a folder that holds anything a demo did not put there. */
function readyDemoFolder(folder: string, fresh: boolean): void {
  const used = existsSync(folder) && readdirSync(folder).length > 0;
  if (used && !existsSync(path.join(folder, DEMO_MARK))) throw new Error(`${folder} is not a demo's folder; it is left as it is`);
  if (fresh) rmSync(folder, { recursive: true, force: true });
  mkdirSync(folder, { recursive: true });
  writeFileSync(path.join(folder, DEMO_MARK), '');
}

async function open(): Promise<Opened> {
  const { folder, fresh, demo, template } = settings();
  const claim = claimFolder(folder);
  if (!claim.ok) throw new FolderInUse(folder, claim.pid);
  try {
    if (demo) readyDemoFolder(folder, fresh);
    mkdirSync(folder, { recursive: true });
    const db = await openDatabase(path.join(folder, 'pg'), template);
    await migrate(db);
    await loadShippedDecks(db);
    await deleteUnusedPictures(db);
    if (demo) await loadDemo(db);
    return { db, release: claim.release };
  } catch (e) {
    claim.release();
    throw e;
  }
}

/** The one database of this process; opened, claimed, migrated and filled with the shipped decks on first use. */
export const database = async (): Promise<Database> => (await (holder[KEY] ??= open())).db;

/** Closes the database and gives the folder back. */
export async function closeDatabase(): Promise<void> {
  const opened = await holder[KEY];
  delete holder[KEY];
  await opened?.db.close();
  opened?.release();
}
