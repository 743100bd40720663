import { TEMPLATE_FILE } from '@/data/db';
import { existsSync, mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { claimFolder } from '@/data/folder-claim';
import type { Database } from '@/data/sql';
import { copyInThread } from './archive/copy-in-thread';
import { loadDemo } from './demo/load';
import { openFolder, type OpenedFolder } from './folder/open-folder';
import { FolderInUse, NotADemo, sayTrouble } from './folder/trouble';
import { forgetUnusedPictures } from './pictures/store-picture';
import { onePerProcess } from './one-per-process';

/** The settings of one process, read once from its environment. */
const settings = () => ({
  folder: path.resolve(/* turbopackIgnore: true */ process.env['ELM_SWATCH_DATA'] ?? 'var/data'),
  /** The demo starts from nothing each time: only bin/demo asks for it, and only after the claim is the folder emptied. */
  fresh: process.env['ELM_SWATCH_FRESH'] === '1',
  demo: process.env['ELM_SWATCH_DEMO'] === '1',
  template: path.resolve(TEMPLATE_FILE),
});

type Opened = OpenedFolder & { readonly folder: string; readonly openedAt: string; readonly release: () => void };
const kept = onePerProcess<{ opened?: Promise<Opened> | undefined }>('database', () => ({}));

/** Stands in every folder that a demo made; without it nothing is ever emptied. */
const DEMO_MARK = 'this-is-a-demo-folder';
const isClaim = (name: string) => name.startsWith('claim.');

/** Marks the demo's folder and empties it when asked; refuses a folder that holds anything a demo did not put there. */
function readyDemoFolder(folder: string, fresh: boolean): void {
  mkdirSync(folder, { recursive: true });
  const holds = readdirSync(folder).filter((name) => !isClaim(name));
  if (holds.length > 0 && !existsSync(path.join(folder, DEMO_MARK))) throw new NotADemo(folder);
  if (fresh) for (const name of holds) rmSync(path.join(folder, name), { recursive: true, force: true });
  writeFileSync(path.join(folder, DEMO_MARK), '');
}

/** How long an answer that is on its way may take before the process ends. */
const LAST_WORDS_MS = 300;

/** The database or the journal can not be used any more: what was shown as saved is in the journal, and a new start does the rest. */
function endWith(error: unknown): void {
  console.error('the database can not be used any more', error);
  process.stderr.write(`\nElm Swatch stops: ${sayTrouble(error)} Everything shown as saved is kept; start it again.\n`);
  setTimeout(() => process.exit(1), LAST_WORDS_MS);
}

async function open(): Promise<Opened> {
  const { folder, fresh, demo, template } = settings();
  const claim = claimFolder(folder);
  if (!claim.ok) throw new FolderInUse(folder, claim.pid);
  try {
    if (demo) readyDemoFolder(folder, fresh);
    const say = (words: string) => void process.stderr.write(`${words}\n`);
    const opened = await openFolder(folder, { template, onFatal: endWith, say });
    // where nothing can be written, nothing is tidied
    if (!opened.findings.some((f) => f.kind === 'read-only')) await forgetUnusedPictures(opened.db);
    if (demo) await loadDemo(opened.db);
    return { ...opened, folder, openedAt: new Date().toISOString(), release: claim.release };
  } catch (e) {
    claim.release();
    throw e;
  }
}

const opened = (): Promise<Opened> => (kept.opened ??= open());

/** The one database of this process; its folder claimed and opened on first use. */
export const database = async (): Promise<Database> => (await opened()).db;

/** What was found when the folder was opened, and where it is. */
export async function openedFolder(): Promise<Pick<Opened, 'folder' | 'findings' | 'openedAt'>> {
  const { folder, findings, openedAt } = await opened();
  return { folder, findings, openedAt };
}

/** Lines after which the open database is kept again: two seconds of doing again. Own choice. */
const KEEP_OPEN_EVERY = 2000;

/** Makes the copy of the day, unless nothing was written since the last. A copy that cannot be made holds up nothing. */
export async function copyToday(now = new Date()): Promise<void> {
  const here = await opened();
  // a database that is not kept is made of the journal
  await here.keep(KEEP_OPEN_EVERY).catch((e: unknown) => console.error('the open database was not kept', e));
  await copyOf(here, now);
}

async function copyOf({ folder, db }: Opened, now: Date): Promise<void> {
  const wrong = await copyInThread({ folder, seq: db.journal.last(), now: now.getTime() }).catch(sayTrouble);
  if (wrong !== undefined) process.stderr.write(`No copy was made: ${wrong}\n`);
}

/** Closes the database, seals it, makes the copy of the day, and gives the folder back. */
export async function closeDatabase(): Promise<void> {
  const was = await kept.opened;
  if (!was) return;
  await was.close();
  await copyOf(was, new Date());
  kept.opened = undefined;
  was.release();
}
