import { existsSync, readdirSync, renameSync, rmSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import path from 'node:path';
import { openDatabase, type Opening } from '@/data/db';
import { makeFolder, syncFolder } from '@/data/folder/durable';
import { pictureFolder, removeParts, type PictureFiles } from '@/data/folder/picture-files';
import { mustHaveRoom } from '@/data/folder/room-left';
import { checkSeal, sealDatabase, unseal, type SealState } from '@/data/folder/seal';
import { snapshot } from '@/data/folder/snapshot';
import { journalInMemory, linesAfter, openJournal, type Journal } from '@/data/journal/journal';
import { scanJournal, type Scanned } from '@/data/journal/scan';
import { FolderNewer, migrate } from '@/data/migrate';
import { listPicturesInTable, pictureMoved } from '@/data/photos';
import type { Database } from '@/data/sql';
import { loadShippedDecks } from '../deck/load-shipped';
import { sha256 } from '../sha256';
import { replay } from './replay';
import { allCopies } from '../archive/folder-copy';
import { FolderDamaged, FolderEmptied } from './trouble';

/** What was found and done when a folder was opened, to be told once. */
export type Finding =
  /** The last line was being written when the power went; it was never shown as saved. */
  | { readonly kind: 'torn'; readonly file: string; readonly line: number }
  /** The database was not as it was left: it was set aside and made anew from the journal. */
  | { readonly kind: 'remade'; readonly why: string; readonly aside: string; readonly lines: number }
  /** The journal was lost or shortened, and the database was whole: the journal was written anew from it. */
  | { readonly kind: 'rewritten'; readonly aside: string | undefined };

export type OpenedFolder = {
  readonly db: Database;
  readonly findings: readonly Finding[];
  /** Lines that were done again, since the database was not closed as it should be. */
  readonly redone: number;
  /** Closes the database and seals it, so that it is opened as it is next time. */
  readonly close: () => Promise<void>;
};

type Options = {
  readonly template?: string;
  readonly onFatal?: Opening['onFatal'];
  readonly now?: () => Date;
  /** Says what takes its time. */
  readonly say?: (words: string) => void;
};

const placesIn = (folder: string) => ({
  folder,
  database: path.join(folder, 'pg'),
  journal: path.join(folder, 'journal'),
  pictures: path.join(folder, 'pictures'),
});
type Places = ReturnType<typeof placesIn>;

const NEW = '.new';
/** 2026-11-26T19-16-47Z: a time as part of a name. */
const stampOf = (now: Date) => now.toISOString().slice(0, 19).replaceAll(':', '-') + 'Z';

/** Moves something aside under a name that tells when; nothing is ever removed that was found damaged. */
function setAside(file: string, now: Date): string {
  let name = `${path.basename(file)}.damaged-${stampOf(now)}`;
  for (let n = 2; existsSync(path.join(path.dirname(file), name)); n++)
    name = `${path.basename(file)}.damaged-${stampOf(now)}-${n}`;
  renameSync(file, path.join(path.dirname(file), name));
  syncFolder(path.dirname(file));
  return name;
}

/** Takes a folder away: at once from its place, its thousand files in their time. What a crash leaves of it goes at the next start. */
function remove(folder: string): void {
  const gone = `${folder}.gone${NEW}`;
  rmSync(gone, { recursive: true, force: true });
  renameSync(folder, gone);
  rm(gone, { recursive: true, force: true }).catch((e: unknown) => console.error('left behind', gone, e));
}

/** Makes a database of the journal beside, seals it, and puts it in place; what stood there was moved away or is not trusted. */
async function makeAnew(places: Places, scanned: Scanned, options: Options): Promise<number> {
  const beside = places.database + NEW;
  mustHaveRoom(places.folder, ROOM_FOR_A_DATABASE);
  rmSync(beside, { recursive: true, force: true });
  const db = await openDatabase(beside, options.template);
  const lines = await replay(db, linesAfter(places.journal, 0)).finally(() => db.close());
  unseal(places.database);
  if (existsSync(places.database)) remove(places.database);
  renameSync(beside, places.database);
  sealDatabase(places.database, scanned.last);
  return lines;
}

/** A fresh database, its log in pieces of 16 MB, and what a journal of usual length makes of it. Own choice. */
const ROOM_FOR_A_DATABASE = 100 * 1024 * 1024;

const open = ({ database, folder, pictures }: Places, journal: Journal, { onFatal, template }: Options) =>
  openDatabase(database, template, {
    journal,
    pictures: pictureFolder(pictures),
    roomIn: folder,
    ...(onFatal ? { onFatal } : {}),
  });

/** Pictures of folders from before stood in a table; they become files. */
async function movePictures(db: Database, pictures: PictureFiles): Promise<void> {
  for (const { hash, jpeg } of await listPicturesInTable(db)) {
    pictures.keep(hash, jpeg);
    await pictureMoved(db, hash, sha256(jpeg));
  }
}

/** Writes a journal that begins with every row of the database, beside, and puts it in place whole. */
async function writeJournalFrom(db: Database, places: Places): Promise<void> {
  const beside = places.journal + NEW;
  rmSync(beside, { recursive: true, force: true });
  const last = await db.query<{ seq: number }>('select coalesce(max(seq), 0)::float8 as seq from operation');
  const journal = openJournal(beside, { first: 0, last: last[0]!.seq, tail: undefined, torn: undefined });
  await db.transaction(async (sql) => {
    for await (const entry of snapshot(sql)) await journal.append(entry);
  });
  await journal.close();
  renameSync(beside, places.journal);
  syncFolder(places.folder);
}

/** A folder of before has a database and no journal: it is opened as it is, and gets its journal once. */
async function adopt(places: Places, options: Options): Promise<void> {
  mustHaveRoom(places.folder, ROOM_FOR_A_DATABASE);
  unseal(places.database);
  const db = await open(places, journalInMemory(), options).catch((e: unknown) => {
    throw new FolderDamaged(places.folder, `its database does not open (${String(e)}), and there is no journal to make it from`);
  });
  try {
    await migrate(db);
    await movePictures(db, pictureFolder(places.pictures));
    await loadShippedDecks(db);
    await writeJournalFrom(db, places);
  } finally {
    await db.close();
  }
  sealDatabase(places.database, scanJournal(places.journal).last);
}

/** What is left of a folder that held something; undefined of one that is new. */
function leftOf({ folder, pictures }: Places): string | undefined {
  const [copy] = allCopies(folder);
  if (copy) return `a copy of ${copy.slice(0, 10)}`;
  if (existsSync(pictures) && readdirSync(pictures).length > 0) return 'a photograph';
  return existsSync(path.join(folder, 'port')) ? 'the port of last time' : undefined;
}

/** Refuses a folder that held something and has nothing to open: an empty application would look as if all were well. */
function mustNotBeEmptied(places: Places, scanned: Scanned): void {
  if (scanned.last > 0 || existsSync(places.database)) return;
  const left = leftOf(places);
  if (left) throw new FolderEmptied(places.folder, left, allCopies(places.folder)[0]);
}

type Ready = { readonly scanned: Scanned; readonly findings: Finding[] };
const nowOf = ({ now }: Options) => now?.() ?? new Date();

/** Whether the journal has lines. A database without any is one from before, or its journal was lost: both ways it is all there is. */
async function readyJournal(places: Places, state: SealState, options: Options): Promise<Ready> {
  const scanned = scanJournal(places.journal);
  mustNotBeEmptied(places, scanned);
  const findings: Finding[] = scanned.torn ? [{ kind: 'torn', ...scanned.torn }] : [];
  if (state.kind === 'whole' && scanned.last < state.seq) {
    // the database is byte for byte as it was closed and knows more than the journal, which was lost or shortened
    const aside = existsSync(places.journal) ? setAside(places.journal, nowOf(options)) : undefined;
    options.say?.('Writing the journal anew from the database…');
    await adopt(places, options);
    return { scanned: scanJournal(places.journal), findings: [...findings, { kind: 'rewritten', aside }] };
  }
  if (scanned.last > 0 || state.kind === 'none' || state.kind === 'whole') return { scanned, findings };
  if (state.kind === 'damaged')
    throw new FolderDamaged(places.folder, `its database is damaged (${state.why}), and there is no journal to make it from`);
  options.say?.('Writing a journal of what is in the folder, once…');
  rmSync(places.journal, { recursive: true, force: true });
  await adopt(places, options);
  return { scanned: scanJournal(places.journal), findings };
}

type Trusted = { readonly redone: number; readonly finding: Finding | undefined };

/** Sees to it that the database is one that can be trusted: as it was closed last, or made of the journal. */
async function readyDatabase(places: Places, scanned: Scanned, options: Options): Promise<Trusted> {
  const state = checkSeal(places.database);
  if (state.kind === 'whole') return { redone: 0, finding: undefined };
  if (state.kind === 'damaged') return remake(places, scanned, { ...options, why: state.why });
  if (state.kind === 'open') options.say?.('Elm Swatch was not stopped as usual: making the database anew from the journal…');
  return { redone: await makeAnew(places, scanned, options), finding: undefined };
}

async function remake(places: Places, scanned: Scanned, options: Options & { readonly why: string }): Promise<Trusted> {
  options.say?.(`The database is damaged (${options.why}): making it anew from the journal…`);
  unseal(places.database);
  const aside = existsSync(places.database) ? setAside(places.database, nowOf(options)) : '';
  const lines = await makeAnew(places, scanned, options);
  return { redone: lines, finding: { kind: 'remade', why: options.why, aside, lines } };
}

/** Opens the trusted database and does what it lacks; one that does not open after all is made anew, once. */
async function openTrusted(places: Places, scanned: Scanned, options: Options): Promise<{ db: Database } & Trusted> {
  const state = checkSeal(places.database);
  const seq = state.kind === 'whole' ? state.seq : 0;
  unseal(places.database);
  const journal = openJournal(places.journal, scanned);
  let db: Database | undefined;
  try {
    db = await open(places, journal, options);
    await migrate(db);
    const redone = seq < scanned.last ? await replay(db, linesAfter(places.journal, seq)) : 0;
    return { db, redone, finding: undefined };
  } catch (e) {
    await db?.close().catch(() => undefined);
    if (e instanceof FolderNewer || db) throw e;
    const trusted = await remake(places, scanned, { ...options, why: String(e) });
    unseal(places.database);
    const again = await open(places, openJournal(places.journal, scanned), options);
    await migrate(again);
    return { db: again, ...trusted };
  }
}

/**
 * Opens a data folder that this process has claimed. The journal is the truth; the database is what answers questions, and is opened as it
 * is only when it is byte for byte as it was closed. In every other case it is made anew from the journal, beside, and put in place whole.
 *
 * @throws JournalDamaged naming the line, FolderDamaged, FolderEmptied, FolderNewer, JournalNewer, DiskFull: nothing was changed then
 */
export async function openFolder(folder: string, options: Options = {}): Promise<OpenedFolder> {
  const places = placesIn(folder);
  makeFolder(folder);
  mustHaveRoom(folder);
  removeParts(places.pictures);
  removeParts(folder);
  for (const name of readdirSync(folder).filter((n) => n.endsWith(NEW))) rmSync(path.join(folder, name), { recursive: true });
  const { scanned, findings } = await readyJournal(places, checkSeal(places.database), options);
  const trusted = await readyDatabase(places, scanned, options);
  const { db, redone, finding } = await openTrusted(places, scanned, options);
  await loadShippedDecks(db);
  return {
    db,
    findings: [...findings, ...[trusted.finding, finding].flatMap((f) => f ?? [])],
    redone: trusted.redone + redone,
    async close() {
      await db.close();
      sealDatabase(places.database, db.journal.last());
    },
  };
}
