import { existsSync, renameSync } from 'node:fs';
import { syncFolder } from '@/data/folder/durable';
import type { SealState } from '@/data/folder/seal';
import type { Scanned } from '@/data/journal/scan';
import type { Database } from '@/data/sql';
import type { Finding } from './finding';
import { mustHaveRoom } from '@/data/folder/room-left';
import { nowOf, remove, ROOM_FOR_A_DATABASE, setAsideAs, type Options, type Places } from './places';
import { saveAgain } from './saved-again';
import { askUnclosed, type Unclosed } from './unclosed';

/** A start that was cut off after it had moved the database from its place, and before another stood there. */
export function putBack({ database, unclosed, folder }: Places): void {
  if (!existsSync(unclosed) || existsSync(database)) return;
  renameSync(unclosed, database);
  syncFolder(folder);
}

/** A database that was not closed, moved from its place until it was compared with the journal, and what it knows beyond that. */
type Compared = { readonly unclosed: Unclosed; readonly kept: boolean };

/**
 * Asks a database that was not closed, or is damaged, what it knows beyond the journal. One that was not closed stays beside until that is
 * done again and journalled: a start that is cut off meanwhile finds it there.
 */
export async function compare(
  places: Places,
  { last }: Scanned,
  state: SealState,
  options: Options,
): Promise<Compared | undefined> {
  const before = existsSync(places.unclosed);
  if (!before && state.kind !== 'open' && state.kind !== 'damaged') return undefined;
  if (!before && !existsSync(places.database)) return undefined;
  // a copy of it is asked
  mustHaveRoom(places.folder, ROOM_FOR_A_DATABASE, 'to make the database anew, as Elm Swatch was not stopped as usual');
  options.say?.('Looking whether the database knows more than the journal…');
  if (!before && state.kind === 'damaged') return { unclosed: await askUnclosed(places.database, last), kept: false };
  const unclosed = await askUnclosed(before ? places.unclosed : places.database, last);
  if (!before) renameSync(places.database, places.unclosed);
  syncFolder(places.folder);
  return { unclosed, kept: true };
}

/** Journals what a database knew beyond the journal, where it fits, and says what of it does not. */
export async function afterComparing(
  db: Database,
  places: Places,
  { unclosed, kept }: Compared,
  options: Options,
): Promise<Finding[]> {
  const aside = () => (kept ? setAsideAs(places.unclosed, 'pg', nowOf(options)) : '');
  if (!unclosed.read) {
    const [{ n }] = (await db.query<{ n: number }>('select count(*)::float8 as n from operation')) as [{ n: number }];
    return kept ? [{ kind: 'not-asked', why: unclosed.why, aside: aside(), lines: n }] : [];
  }
  const saved = await saveAgain(db, unclosed);
  const nothing = saved.saved + saved.pictures + saved.refused.length === 0 && Object.keys(saved.fewer).length === 0;
  if (!nothing) return [{ kind: 'saved-again', aside: aside(), ...saved }];
  if (kept) remove(places.unclosed);
  return [];
}
