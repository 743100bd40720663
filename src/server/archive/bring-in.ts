import { randomUUID } from 'node:crypto';
import { v7 } from 'uuid';
import { wrongInDeck, wrongWith } from '@/core/formats/deck/check';
import type { Deck } from '@/core/formats/deck/deck';
import { OPERATION_VERSION, type Operation } from '@/core/operations/operations';
import { isSameOperation } from '@/core/operations/same-operation';
import { listBasesOfMaker, listDeckColoursById, listTintSystems } from '@/data/decks';
import { listOperations } from '@/data/operations';
import type { Database, Sql } from '@/data/sql';
import { findVisit } from '@/data/visits';
import { doneInside, replayOperations, visitOrNone } from '../operations/apply';
import { insertPictureRow, type PictureRow } from '@/data/photos';
import { sayTrouble } from '../folder/trouble';
import { canBeDoneInParts } from './rehearse';
import { bringPictures } from '../pictures/store-picture';
import { readVisitFile, type ReadVisit } from './read-visit-file';
import { ArchiveRefused } from './zip';
import { onePerProcess } from '../one-per-process';

/** What a file would bring in, shown before anything is kept. */
export type BringPreview = {
  readonly token: string;
  readonly label: string;
  readonly rooms: number;
  readonly colours: number;
  readonly verdicts: number;
  readonly photographs: number;
  /** Entries that are not here yet; 0 when all of it is. */
  readonly fresh: number;
  readonly entries: number;
  /** Whether the visit is here already, and grows by what is new. */
  readonly known: boolean;
  /** Colours of decks that are not here and come with it. */
  readonly newColours: number;
};

type Held = ReadVisit & { readonly token: string };
const kept = onePerProcess<{ held?: Held | undefined }>('bring-in', () => ({}));

/** Entries asked for at once, and a turn for others between. Own choice. */
const ASKED = 500;
const othersFirst = () => new Promise((resolve) => setImmediate(resolve));

/** What of an entry's operations is not here; one that is here with other content refuses the file. */
async function freshOf(sql: Sql, operations: readonly Operation[]): Promise<Operation[]> {
  const fresh: Operation[] = [];
  for (let from = 0; from < operations.length; from += ASKED) {
    const part = operations.slice(from, from + ASKED);
    const here = await listOperations(
      sql,
      part.map((o) => o.id),
    );
    const byId = new Map(here.map((stored) => [stored.id, stored]));
    for (const [i, operation] of part.entries()) {
      const known = byId.get(operation.id);
      if (!known) fresh.push(operation);
      else if (!isSameOperation(known, operation))
        throw new ArchiveRefused(`Entry ${from + i + 1} of it is here already and says something else.`);
    }
    await othersFirst();
  }
  return fresh;
}

/** What of the file's decks is not here: colours that are, stay as they are here. */
async function missingDecks(sql: Sql, decks: readonly Deck[]): Promise<Deck[]> {
  const missing: Deck[] = [];
  for (const deck of decks) {
    const ids = deck.colours.map((c) => `${deck.maker.id}:${c.code}`);
    const here = new Set((await listDeckColoursById(sql, ids)).map((r) => r.id));
    const colours = deck.colours.filter((c) => !here.has(`${deck.maker.id}:${c.code}`));
    if (colours.length === 0) continue;
    const bases = new Set((await listBasesOfMaker(sql, deck.maker.id)).map((b) => b.id));
    const system = (await listTintSystems(sql)).find((t) => t.id === deck.tintSystem);
    const around = { bases, colourants: system?.colourants.map((c) => c.id) ?? [] };
    for (const colour of colours) {
      const wrong = wrongWith(colour) ?? wrongInDeck(deck, colour, around);
      if (wrong !== undefined) throw new ArchiveRefused(`The colour ${colour.code} in it: ${wrong}.`);
    }
    missing.push({ ...deck, bases: deck.bases.filter((b) => !bases.has(b.id)), colours });
  }
  return missing;
}

/**
 * Reads and checks a visit's file; nothing is kept.
 *
 * @param reads beside the main thread, where there is a thread for it
 * @throws ArchiveRefused with what is wrong
 */
export async function previewVisit(db: Database, bytes: Uint8Array, reads = readVisitFile): Promise<BringPreview> {
  const read = await reads(bytes);
  const { operations, file } = read;
  const count = (name: string) => operations.filter((o) => o.write.name === name).length;
  const [first] = operations;
  const rooms = first?.write.name === 'visit.create' ? first.write.rooms.length : 0;
  const fresh = await freshOf(db, operations);
  const preview: BringPreview = {
    token: randomUUID(),
    label: file.label,
    rooms: rooms + count('room.add'),
    colours: count('candidate.add'),
    verdicts: count('verdict.give'),
    photographs: count('photo.add'),
    fresh: fresh.length,
    entries: operations.length,
    known: (await findVisit(db, file.visitId)) !== undefined,
    newColours: (await missingDecks(db, file.decks)).reduce((sum, d) => sum + d.colours.length, 0),
  };
  kept.held = { ...read, token: preview.token };
  return preview;
}

/** Entries from which on they are taken in parts, and so many at once: others wait for one part at most. Own choices, see tests/bench. */
const WHOLE = 400;
const PART = 100;

/** What is taken in now: how far it is. */
const taking = onePerProcess<{ now?: { readonly token: string; done: number; readonly of: number } | undefined }>(
  'taking-in',
  () => ({}),
);
/** How far what is taken in under a token is; undefined when nothing is. */
export const takenSoFar = (token: string): { readonly done: number; readonly of: number } | undefined => {
  const { now } = taking;
  return now?.token === token ? { done: now.done, of: now.of } : undefined;
};

/** Part of it is in, and the rest was not taken: taken again later, it goes on from there. */
export class TakenInPart extends Error {
  constructor(done: number, of: number, why: string) {
    super(`${done} of its ${of} entries are in, and stay. The rest is not: ${why} Bring the same file in again to go on.`);
    this.name = 'TakenInPart';
  }
}

const importing = (decks: readonly Deck[], now: Date): Operation[] =>
  decks.length === 0
    ? []
    : [{ id: v7(), version: OPERATION_VERSION, at: now.toISOString(), write: { name: 'deck.import', decks: [...decks] } }];

type Rows = { readonly visitId: string; readonly pictures: readonly PictureRow[] };
const entryOf = (operations: readonly Operation[], { visitId, pictures }: Rows) => {
  const withPictures = pictures.length > 0 ? { pictures } : {};
  const nothing = operations.length + pictures.length === 0;
  return nothing ? undefined : { kind: 'operations' as const, visitId, operations, ...withPictures };
};

/** All of it or nothing, in one transaction: others wait. */
const takeWhole = (db: Database, { operations, file }: Held, { rows, now }: Taking): Promise<void> =>
  db.journalled(async (sql, seq) => {
    const all = [...importing(await missingDecks(sql, file.decks), now), ...(await freshOf(sql, operations))];
    for (const row of rows.pictures) await insertPictureRow(sql, row);
    for (const [i, operation] of all.entries()) await doneInside(sql, operation, { visitId: rows.visitId, seq: seq + i });
    return { entry: entryOf(all, rows), value: undefined };
  });

type Taking = { readonly rows: Rows; readonly now: Date };

/** What was rehearsed, part by part, each a line of the journal: others come between. */
async function takeInParts(
  db: Database,
  all: readonly Operation[],
  { rows, told }: { readonly rows: Rows; readonly told: (done: number) => void },
): Promise<void> {
  for (let from = 0; from < all.length; from += PART) {
    const part = all.slice(from, from + PART);
    const own = { ...rows, pictures: from === 0 ? rows.pictures : [] };
    try {
      await db.journalled(async (sql, seq) => {
        for (const row of own.pictures) await insertPictureRow(sql, row);
        const placed = part.map((operation, i) => ({ operation, visitId: visitOrNone(operation, rows.visitId), seq: seq + i }));
        await replayOperations(sql, placed);
        return { entry: entryOf(part, own), value: undefined };
      });
    } catch (e) {
      throw from === 0 ? e : new TakenInPart(from, all.length, sayTrouble(e));
    }
    told(from + part.length);
    await othersFirst();
  }
}

/**
 * Takes in what was previewed; a visit that is here grows by what is new, and twice is once. It is all of it or nothing; a large one that
 * was found to fit is taken in parts, so that others do not wait, and one that is broken off goes on when it is taken again.
 *
 * @throws ArchiveRefused when it does not fit what is here, TakenInPart when it was broken off
 */
export async function takeVisit(db: Database, token: string, now = new Date()): Promise<string> {
  const { held } = kept;
  if (held?.token !== token) throw new ArchiveRefused('Choose the file again: another was looked at meanwhile.');
  if (taking.now) throw new ArchiveRefused('Another visit is being brought in just now. Wait until it is in.');
  const { file, operations, pictures } = held;
  const progress = { token, done: 0, of: operations.length };
  taking.now = progress;
  try {
    const jpegs = [...pictures.values()].reduce((sum, b) => sum + b.length, 0);
    db.mustHaveRoom(jpegs + 4 * JSON.stringify(file).length);
    const brought = await bringPictures(
      db,
      file.pictures.map(({ hash, width, height, keptAt }) => ({ hash, jpeg: pictures.get(hash)!, width, height, keptAt })),
    );
    const rows = { visitId: file.visitId, pictures: brought.rows };
    try {
      const fresh = operations.length > WHOLE ? await freshOf(db, operations) : [];
      const decks = fresh.length > WHOLE ? await missingDecks(db, file.decks) : [];
      const around = { visitId: file.visitId, decks, pictures: new Set(file.pictures.map((p) => p.hash)) };
      const parts = fresh.length > WHOLE && (await canBeDoneInParts(db, fresh, around));
      progress.done = operations.length - fresh.length;
      if (!parts) await takeWhole(db, held, { rows, now });
      else
        await takeInParts(db, [...importing(decks, now), ...fresh], {
          rows,
          told: (done) => (progress.done = operations.length - fresh.length + done),
        });
    } catch (e) {
      // what is refused leaves nothing
      if (!(e instanceof TakenInPart)) brought.takeBack();
      throw e;
    }
    kept.held = undefined;
    return file.visitId;
  } finally {
    taking.now = undefined;
  }
}
