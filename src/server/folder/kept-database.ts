import { cpSync, existsSync, renameSync, rmSync } from 'node:fs';
import { syncFolder } from '@/data/folder/durable';
import { mustHaveRoom } from '@/data/folder/room-left';
import { checkSeal, sealDatabase, unseal } from '@/data/folder/seal';
import { markAt } from '@/data/journal/journal';
import type { Database } from '@/data/sql';
import type { Scanned } from '@/data/journal/scan';
import type { Finding } from './finding';
import { NEW, nowOf, ROOM_FOR_A_DATABASE, setAsideAs, type Options, type Places } from './places';

/** A new one is kept when so many lines came since. Own choice: they are done again in a tenth of a second. */
const KEEP_EVERY = 50;

/** What the database that was kept at a close is good for. */
export type Kept =
  | { readonly kind: 'none' }
  /** It is whole and stands at a place of this journal: only what came after has to be done again. */
  | { readonly kind: 'usable'; readonly seq: number }
  /** It is whole and ends later than the journal does. */
  | { readonly kind: 'knows-more'; readonly seq: number };

/** Looks at the kept database: every byte of it, and whether it is of this journal. */
export function lookAtKept({ kept, journal }: Places, { last }: Pick<Scanned, 'last'>): Kept {
  const state = checkSeal(kept);
  if (state.kind !== 'whole') return { kind: 'none' };
  const { seq, mark } = state;
  if (seq > last) return { kind: 'knows-more', seq };
  return mark !== undefined && mark === markAt(journal, seq) ? { kind: 'usable', seq } : { kind: 'none' };
}

/** Moves a kept database aside that ends later than all that is here: it is never written over by one that holds less. */
export function setKeptAside(places: Places, { last }: Pick<Scanned, 'last'>, options: Options): Finding[] {
  const found = lookAtKept(places, { last });
  if (found.kind !== 'knows-more') return [];
  unseal(places.kept);
  return [{ kind: 'kept-knows-more', aside: setAsideAs(places.kept, 'pg', nowOf(options)), entries: found.seq - last }];
}

/**
 * Keeps a copy of the database as it was closed and sealed, so that a start after a kill has little to do again. Where the disk has no room
 * for it, there is none: what is needed is in the journal.
 *
 * @param seq place of the last line the database holds; @param every lines since the one before, from which a new one is kept
 */
export function keepDatabase(places: Places, seq: number, every = KEEP_EVERY): void {
  const before = lookAtKept(places, { last: seq });
  if (before.kind === 'usable' && seq - before.seq < every) return;
  const beside = places.kept + NEW;
  try {
    mustHaveRoom(places.folder, ROOM_FOR_A_DATABASE);
    rmSync(beside, { recursive: true, force: true });
    cpSync(places.database, beside, { recursive: true });
    unseal(places.kept);
    if (existsSync(places.kept)) rmSync(places.kept, { recursive: true });
    renameSync(beside, places.kept);
    syncFolder(places.folder);
    sealDatabase(places.kept, seq, markAt(places.journal, seq));
  } catch (e) {
    rmSync(beside, { recursive: true, force: true });
    process.stderr.write(`No database was kept for a fast start: ${e instanceof Error ? e.message : String(e)}\n`);
  }
}

/**
 * The same of a database that is open, in a moment in which nothing else is done in it: its files are what a kill would leave, which it
 * opens from. Done seldom: everybody waits meanwhile.
 */
export const keepOpenDatabase = (places: Places, db: Database, every: number): Promise<void> =>
  db.transaction(async () => keepDatabase(places, db.journal.last(), every));
