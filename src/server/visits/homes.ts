import { existsSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { crc32 } from 'node:zlib';
import { asSeen } from '@/core/derived/kinds-of-light';
import { homeOf, unreadHome, type Home } from '@/core/derived/home';
import { saidInRooms, type SaidInRoom } from '@/core/engine/said-in-rooms';
import { deckVersion } from '@/data/decks';
import { journalPositions } from '@/data/operations';
import { listVisitFields } from '@/data/visits';
import type { Database, Sql } from '@/data/sql';
import { database, openedFolder } from '../database';
import { onePerProcess } from '../one-per-process';
import { loadVisit } from './load-visit';
import { visitAt } from './news';

export type { Home };

/** A home as it was read last, what was said in its rooms, and what it was read of: its last operation, the deck, this build. */
type Slot = { readonly at: string; readonly home: Home; readonly said: readonly SaidInRoom[] };
type Kept = { readonly slots: Map<string, Slot>; reading: Promise<void> | undefined };

/** Beside the journal, and no part of it: what is lost with it is read again. */
const FILE = 'homes.json';
const fileIn = (folder: string): string => path.join(folder, FILE);

/** Another build may tell the same rows otherwise. */
function buildMark(): string {
  const file = path.resolve(/* turbopackIgnore: true */ '.next/BUILD_ID');
  return existsSync(file) ? readFileSync(file, 'utf8').trim() : '';
}
const build = onePerProcess('build', () => ({ mark: buildMark() }));

/** A text after its CRC: read back, it is what was written. */
const signed = (body: string): string => `${crc32(body)} ${body}`;

/** What was read at an earlier start; nothing where the file is not there, or not what was written. */
function keptIn(folder: string): Map<string, Slot> {
  if (build.mark === '' || !existsSync(fileIn(folder))) return new Map();
  const text = readFileSync(fileIn(folder), 'utf8');
  const body = text.slice(text.indexOf(' ') + 1);
  if (text !== signed(body)) return new Map();
  return new Map(JSON.parse(body) as [string, Slot][]);
}

/** The homes of one folder that were read; made when they are asked for first. */
const kept = onePerProcess<{ made?: Promise<Kept> | undefined }>('homes', () => ({}));
const keptHomes = (): Promise<Kept> =>
  (kept.made ??= openedFolder().then(({ folder }) => ({ slots: keptIn(folder), reading: undefined })));

/** What each visit stands at. */
async function standing(sql: Sql) {
  const [visits, places, deck] = [await listVisitFields(sql), await journalPositions(sql), await deckVersion(sql)];
  return visits.map((visit) => ({ visit, at: `${places.get(visit.id) ?? 0} ${deck} ${build.mark}` }));
}

/** Keeps what was read for the next start; a folder that cannot be written keeps nothing. */
function writeKept(folder: string, { slots }: Kept, ids: ReadonlySet<string>): void {
  for (const id of slots.keys()) if (!ids.has(id)) slots.delete(id);
  if (build.mark === '') return;
  try {
    const part = `${fileIn(folder)}.part`;
    writeFileSync(part, signed(JSON.stringify([...slots])));
    renameSync(part, fileIn(folder));
  } catch (e) {
    console.error('the list of visits was not kept', e);
  }
}

/** Reads what is not read yet, a visit at a time, so that others get their turn between; one that is alone is likely the one in work. */
async function readRest(db: Database, of: Kept, unread: readonly { readonly id: string; readonly at: string }[]): Promise<void> {
  const inWork = async (sql: Sql, id: string) => (await visitAt(sql, id))?.visit;
  for (const { id, at } of unread) {
    const visit = await db.transaction((sql) => (unread.length === 1 ? inWork(sql, id) : loadVisit(sql, id)));
    if (visit) of.slots.set(id, { at, home: homeOf(asSeen(visit)), said: saidInRooms(visit) });
  }
}

/** Visits that are read before the list is answered; the others follow. Own choice: a tenth of a second or two. */
const AT_ONCE = 4;

/**
 * Every visit as it stands in the list, the newest first. What is not read yet is told as that, and read meanwhile: ask again.
 */
export async function homes(): Promise<Home[]> {
  const { all, of, isRead } = await readOn();
  return all.map((one) => (isRead(one) ? of.slots.get(one.visit.id)!.home : unreadHome(one.visit)));
}

/** What was said in the rooms of every visit, as far as they are read, and whether all are. */
export async function everythingSaid(): Promise<{
  readonly said: readonly (SaidInRoom & { readonly visitId: string })[];
  readonly whole: boolean;
}> {
  const { all, of, isRead } = await readOn();
  const read = all.filter(isRead);
  const said = read.flatMap(({ visit: { id } }) => of.slots.get(id)!.said.map((one) => ({ ...one, visitId: id })));
  return { said, whole: read.length === all.length };
}

/** What every visit stands at; what is not read yet is begun to be read. */
async function readOn() {
  const db = await database();
  const of = await keptHomes();
  const all = await db.transaction(standing);
  const isRead = ({ visit, at }: (typeof all)[number]) => of.slots.get(visit.id)?.at === at;
  const unread = all.filter((one) => !isRead(one)).map(({ visit, at }) => ({ id: visit.id, at }));
  if (unread.length > 0 && !of.reading) {
    await readRest(db, of, unread.slice(0, AT_ONCE));
    const rest = async () => {
      await readRest(db, of, unread.slice(AT_ONCE));
      writeKept((await openedFolder()).folder, of, new Set(all.map(({ visit }) => visit.id)));
    };
    of.reading = rest()
      .catch((e: unknown) => console.error('the visits could not all be read', e))
      .finally(() => (of.reading = undefined));
  }
  return { all, of, isRead };
}
