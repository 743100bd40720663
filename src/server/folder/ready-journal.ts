import { existsSync, readdirSync, renameSync, rmSync } from 'node:fs';
import path from 'node:path';
import { syncFolder, writeDurably } from '@/data/folder/durable';
import { pictureFolder, type PictureFiles } from '@/data/folder/picture-files';
import { mustHaveRoom } from '@/data/folder/room-left';
import { sealDatabase, unseal, type SealState } from '@/data/folder/seal';
import { snapshot } from '@/data/folder/snapshot';
import { journalInMemory, openJournal } from '@/data/journal/journal';
import { highestPlace, JournalDamaged, scanJournal, type Scanned } from '@/data/journal/scan';
import { migrate } from '@/data/migrate';
import { listPicturesInTable, pictureMoved } from '@/data/photos';
import type { Database } from '@/data/sql';
import { allCopies } from '../archive/folder-copy';
import { loadShippedDecks } from '../deck/load-shipped';
import { sha256 } from '../sha256';
import type { Finding } from './finding';
import { NEW, nowOf, open, ROOM_FOR_A_DATABASE, setAside, type Options, type Places } from './places';
import { FolderDamaged, FolderEmptied } from './trouble';
import { askUnclosed } from './unclosed';

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
  mustHaveRoom(places.folder, ROOM_FOR_A_DATABASE, 'to write a journal of what is here');
  writeDurably(places.adopting, 'A journal is being written from the database.\n');
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
  rmSync(places.adopting, { force: true });
  syncFolder(places.folder);
}

/** What is left of a folder that held something; undefined of one that is new. */
function leftOf({ folder, pictures, kept }: Places): string | undefined {
  const [copy] = allCopies(folder);
  if (copy) return `a copy of ${copy.slice(0, 10)}`;
  if (existsSync(pictures) && readdirSync(pictures).length > 0) return 'a photograph';
  if (existsSync(kept)) return 'a database that was kept at a close';
  return existsSync(path.join(folder, 'port')) ? 'the port of last time' : undefined;
}

/** Refuses a folder that held something and has nothing to open: an empty application would look as if all were well. */
function mustNotBeEmptied(places: Places, scanned: Scanned): void {
  if (scanned.last > 0 || existsSync(places.database)) return;
  const left = leftOf(places);
  if (left) throw new FolderEmptied(places.folder, left, allCopies(places.folder)[0]);
}

type Ready = { readonly scanned: Scanned; readonly findings: Finding[] };

/** The journal's lines, checked; of one that is damaged where the database is whole and knows all of it: undefined. */
function scanOrWhole({ journal }: Places, state: SealState): Scanned | undefined {
  try {
    return scanJournal(journal);
  } catch (e) {
    if (e instanceof JournalDamaged && state.kind === 'whole' && highestPlace(journal) <= state.seq) return undefined;
    throw e;
  }
}

/** Refuses a database of which the journal is gone and that was not closed: what it holds may be half of what was saved. */
async function mustBeOfBefore(places: Places): Promise<void> {
  // it was on its way to get its journal
  if (existsSync(places.adopting)) return;
  const known = await askUnclosed(places.database, 0);
  if (!known.read)
    throw new FolderDamaged(
      places.folder,
      `its journal is gone, and its database, which was not closed, cannot be read (${known.why})`,
    );
  const { migrations, rows } = known;
  const entries = rows['operation'] ?? 0;
  if (!migrations.includes(FIRST_WITH_JOURNAL) || (entries === 0 && (rows['visit'] ?? 0) === 0)) return;
  throw new FolderDamaged(
    places.folder,
    `its journal is gone, and its database was not closed: it has ${entries} entries, and nobody can tell how many of them are whole or are missing`,
  );
}
const FIRST_WITH_JOURNAL = '0014_journal.sql';

/** Writes the journal anew from a database that is byte for byte as it was closed and knows more; what was left of it is kept. */
async function rewriteJournal(places: Places, options: Options): Promise<Ready> {
  const aside = existsSync(places.journal) ? setAside(places.journal, nowOf(options)) : undefined;
  options.say?.('Writing the journal anew from the database…');
  await adopt(places, options);
  return { scanned: scanJournal(places.journal), findings: [{ kind: 'rewritten', aside }] };
}

/** Whether the journal has lines. A database without any is one from before, or its journal was lost: both ways it is all there is. */
export async function readyJournal(places: Places, state: SealState, options: Options): Promise<Ready> {
  const scanned = scanOrWhole(places, state);
  if (scanned) mustNotBeEmptied(places, scanned);
  const findings: Finding[] = scanned?.torn ? [{ kind: 'torn', ...scanned.torn, sure: false }] : [];
  // lost, shortened or damaged
  if (!scanned || (state.kind === 'whole' && scanned.last < state.seq)) {
    const ready = await rewriteJournal(places, options);
    return { ...ready, findings: [...findings, ...ready.findings] };
  }
  if (scanned.last > 0 || state.kind === 'none' || state.kind === 'whole') return { scanned, findings };
  if (state.kind === 'damaged')
    throw new FolderDamaged(places.folder, `its database is damaged (${state.why}), and there is no journal to make it from`);
  await mustBeOfBefore(places);
  options.say?.('Writing a journal of what is in the folder, once…');
  rmSync(places.journal, { recursive: true, force: true });
  await adopt(places, options);
  return { scanned: scanJournal(places.journal), findings };
}
