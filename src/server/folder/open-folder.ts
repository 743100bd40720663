import { cpSync, existsSync, readdirSync, renameSync, rmSync } from 'node:fs';
import path from 'node:path';
import { openDatabase } from '@/data/db';
import { makeFolder } from '@/data/folder/durable';
import { ownFiles } from '@/data/folder/own-files';
import { pictureFolder, removeParts } from '@/data/folder/picture-files';
import { DiskFull, mustHaveRoom } from '@/data/folder/room-left';
import { checkSeal, sealDatabase, unseal } from '@/data/folder/seal';
import { linesAfter, openJournal } from '@/data/journal/journal';
import { scanJournal, type Scanned } from '@/data/journal/scan';
import { FolderNewer, migrate } from '@/data/migrate';
import type { Database } from '@/data/sql';
import { allCopies, lastCopied } from '../archive/folder-copy';
import { loadShippedDecks } from '../deck/load-shipped';
import { afterComparing, compare, putBack } from './compare';
import type { Finding } from './finding';
import { keepDatabase, keepOpenDatabase, lookAtKept, setKeptAside } from './kept-database';
import { NEW, nowOf, open, placesIn, remove, ROOM_FOR_A_DATABASE, setAside, type Options, type Places } from './places';
import { readyJournal } from './ready-journal';
import { replay } from './replay';

export type OpenedFolder = {
  readonly db: Database;
  readonly findings: readonly Finding[];
  /** Lines that were done again, since the database was not closed as it should be. */
  readonly redone: number;
  /** Keeps the open database for a fast start where so many lines came since it was kept last. */
  readonly keep: (every: number) => Promise<void>;
  /** Closes the database and seals it, so that it is opened as it is next time. */
  readonly close: () => Promise<void>;
};

/** What was kept at a close, with what came after done again; undefined where nothing is kept that is of this journal. */
async function madeOfKept(beside: string, places: Places, scanned: Scanned): Promise<number | undefined> {
  const kept = lookAtKept(places, scanned);
  if (kept.kind !== 'usable') return undefined;
  cpSync(places.kept, beside, { recursive: true });
  const db = await openDatabase(beside);
  const redo = async () => {
    await migrate(db);
    return replay(db, linesAfter(places.journal, kept.seq));
  };
  return redo().finally(() => db.close());
}

async function madeOfJournal(beside: string, { journal }: Places, { template }: Options): Promise<number> {
  rmSync(beside, { recursive: true, force: true });
  const db = await openDatabase(beside, template);
  return replay(db, linesAfter(journal, 0)).finally(() => db.close());
}

/** Makes a database of the journal beside, seals it, and puts it in place; what stood there was moved away or is not trusted. */
async function makeAnew(places: Places, scanned: Scanned, options: Options): Promise<number> {
  const beside = places.database + NEW;
  mustHaveRoom(places.folder, ROOM_FOR_A_DATABASE, 'to make the database anew, as Elm Swatch was not stopped as usual');
  rmSync(beside, { recursive: true, force: true });
  const lines = await madeOfKept(beside, places, scanned).catch((e: unknown) => {
    // the journal has all of it: only time is lost
    console.error('the database that was kept could not be used', e);
    return undefined;
  });
  const redone = lines ?? (await madeOfJournal(beside, places, options));
  unseal(places.database);
  if (existsSync(places.database)) remove(places.database);
  renameSync(beside, places.database);
  sealDatabase(places.database, scanned.last);
  return redone;
}

type Trusted = { readonly redone: number; readonly finding: Finding | undefined };

/** Sees to it that the database is one that can be trusted: as it was closed last, or made of the journal. */
async function readyDatabase(places: Places, scanned: Scanned, options: Options): Promise<Trusted> {
  const state = checkSeal(places.database);
  if (state.kind === 'whole') return { redone: 0, finding: undefined };
  const missing = state.kind === 'damaged' && state.seq !== undefined ? Math.max(0, state.seq - scanned.last) : null;
  if (state.kind === 'damaged') return remake(places, scanned, { ...options, why: state.why, missing });
  if (state.kind === 'open') options.say?.('Elm Swatch was not stopped as usual: making the database anew from the journal…');
  return { redone: await makeAnew(places, scanned, options), finding: undefined };
}

type Why = { readonly why: string; readonly missing: number | null };
async function remake(places: Places, scanned: Scanned, options: Options & Why): Promise<Trusted> {
  const { why, missing } = options;
  options.say?.(`The database is damaged (${why}): making it anew from the journal…`);
  unseal(places.database);
  const aside = existsSync(places.database) ? setAside(places.database, nowOf(options)) : '';
  const lines = await makeAnew(places, scanned, options);
  return { redone: lines, finding: { kind: 'remade', why, aside, lines, missing } };
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
    const trusted = await remake(places, scanned, { ...options, why: String(e), missing: Math.max(0, seq - scanned.last) });
    unseal(places.database);
    const again = await open(places, openJournal(places.journal, scanned), options);
    await migrate(again);
    return { db: again, ...trusted };
  }
}

/** Whether the newest copy of the folder ends later than its journal does now. */
function copyKnowsMore({ folder }: Places, last: number): Finding[] {
  const [copy] = allCopies(folder);
  const entries = (lastCopied(folder) ?? 0) - last;
  return copy !== undefined && entries > 0 ? [{ kind: 'copy-knows-more', copy, entries }] : [];
}

/**
 * Opens a data folder that this process has claimed. The journal is the truth; the database is what answers questions, and is opened as it
 * is only when it is byte for byte as it was closed. In every other case it is made anew from the journal, beside, and put in place whole.
 *
 * @throws JournalDamaged naming the line, FolderDamaged, FolderEmptied, FolderNewer, JournalNewer, DiskFull: nothing was changed then
 */
export async function openFolder(folder: string, options: Options = {}): Promise<OpenedFolder> {
  try {
    return await openOnDisk(folder, options);
  } catch (e) {
    if (!(e instanceof DiskFull)) throw e;
    const opened = await openToRead(placesIn(folder), e, options);
    if (!opened) throw e;
    return opened;
  }
}

/** A folder whose disk is nearly full, to be read: its database is made of the journal in memory; undefined where it has no journal. */
async function openToRead(places: Places, why: DiskFull, options: Options): Promise<OpenedFolder | undefined> {
  if (!existsSync(places.journal)) return undefined;
  const scanned = scanJournal(places.journal);
  if (scanned.last === 0) return undefined;
  const { freeBytes, neededBytes, forWhat } = why;
  options.say?.('The disk is nearly full: opening what is there to be read…');
  const { template, onFatal } = options;
  const db = await openDatabase(undefined, template !== undefined && existsSync(template) ? template : undefined, {
    journal: openJournal(places.journal, scanned),
    pictures: pictureFolder(places.pictures),
    // writes are refused as long as there is too little room
    roomIn: places.folder,
    ...(onFatal ? { onFatal } : {}),
  });
  const redone = await replay(db, linesAfter(places.journal, 0));
  return {
    db,
    findings: [{ kind: 'read-only', freeBytes, neededBytes, forWhat }],
    redone,
    keep: () => Promise.resolve(),
    close: () => db.close(),
  };
}

async function openOnDisk(folder: string, options: Options): Promise<OpenedFolder> {
  const places = placesIn(folder);
  makeFolder(folder);
  mustHaveRoom(folder);
  removeParts(places.pictures);
  removeParts(folder);
  for (const name of readdirSync(folder).filter((n) => n.endsWith(NEW))) rmSync(path.join(folder, name), { recursive: true });
  putBack(places);
  // what is linked to another folder is copied before anything is written on
  for (const one of [places.journal, places.database]) ownFiles(one);
  const state = checkSeal(places.database);
  const { scanned, findings } = await readyJournal(places, state, options);
  // what a folder of before was adopted from is sealed by now
  const compared = await compare(places, scanned, checkSeal(places.database), options);
  const trusted = await readyDatabase(places, scanned, options);
  const { db, redone, finding } = await openTrusted(places, scanned, options);
  await loadShippedDecks(db);
  const beyond = compared ? await afterComparing(db, places, compared, options) : [];
  // the decks are the most of a young folder: a start after a kill need not do them again
  if (lookAtKept(places, { last: db.journal.last() }).kind === 'none') await keepOpenDatabase(places, db, 1);
  const sure = state.kind === 'whole' || (compared?.unclosed.read === true && beyond.length === 0);
  return {
    db,
    findings: [
      // what is told of the rest of the journal takes the place of "everything is here"
      ...findings.map((f) => (f.kind === 'torn' ? { ...f, sure } : f)),
      ...[trusted.finding, finding].flatMap((f) => f ?? []),
      ...beyond,
      ...setKeptAside(places, { last: db.journal.last() }, options),
      ...copyKnowsMore(places, db.journal.last()),
    ],
    redone: trusted.redone + redone,
    keep: (every) => keepOpenDatabase(places, db, every),
    async close() {
      await db.close();
      sealDatabase(places.database, db.journal.last());
      keepDatabase(places, db.journal.last());
    },
  };
}
