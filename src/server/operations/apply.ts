import { z } from 'zod';
import { entryIssues } from '@/core/operations/entry-issues';
import {
  batchId,
  isOfNoVisit,
  MOST_IN_BATCH,
  type Batch,
  type Operation,
  type Write,
  type WriteName,
} from '@/core/operations/operations';
import type { Refusal } from '@/core/operations/operation';
import { isSameOperation } from '@/core/operations/same-operation';
import type { Applied, ApplyResult } from '@/core/operations/revision';
import { timeIssues } from '@/core/operations/time-issues';
import { readOperation } from '@/core/operations/upgrade';
import { eventsAtOnce } from '@/data/events';
import { insertOperations, listOperations, journalPosition, placeOfRoom, type PlacedOperation } from '@/data/operations';
import { listLying } from '@/data/stays';
import { FOREIGN_KEY_VIOLATION, sqlState, UNIQUE_VIOLATION, type Database, type Journalled, type Sql } from '@/data/sql';
import { visitExists } from '@/data/visits';
import { ArchiveRefused } from '../archive/zip';
import { checkWrite } from './check';
import { JUDGEMENT_ROWS } from './judgement-rows';
import { Refused, refuse, type Rows, type RowsOf } from './refuse';
import { resolve } from './resolve';
import { VISIT_ROWS } from './visit-rows';

const ROWS: RowsOf<WriteName> = { ...VISIT_ROWS, ...JUDGEMENT_ROWS };

/** What writes the rows of an operation of this name. */
const rowsFor = <N extends WriteName>(name: N): Rows<N> => ROWS[name];

type Place = { readonly visitId: string | null; readonly position: number };
/** The visit an operation belongs to, null for one that belongs to none, and the place of the last before it in the journal. */
async function placeOf(sql: Sql, write: Write): Promise<Place> {
  if (write.name === 'visit.create') return { visitId: write.visitId, position: await journalPosition(sql, write.visitId) };
  if ('visitId' in write) {
    if (!(await visitExists(sql, write.visitId))) refuse({ reason: 'not-found', what: 'visit' });
    return { visitId: write.visitId, position: await journalPosition(sql, write.visitId) };
  }
  if (!('roomId' in write)) return { visitId: null, position: 0 };
  return (await placeOfRoom(sql, write.roomId)) ?? refuse({ reason: 'not-found', what: 'room' });
}

/** The id of what an operation brings in, where that is not the operation's own. */
function idOf({ id, write }: Operation): string {
  switch (write.name) {
    case 'visit.create':
      return write.visitId;
    case 'room.add':
      return write.roomId;
    case 'stay.save':
      return write.stayId;
    case 'candidate.add':
      return write.candidateId;
    case 'scheme.save':
      return write.schemeId;
    case 'look.save':
      return write.lookId;
    case 'sample.save':
      return write.sampleId;
    default:
      return id;
  }
}

/** The rows an operation means, once it is noted. */
async function writeRows(sql: Sql, { id, at, write }: Operation): Promise<void> {
  await rowsFor(write.name)(sql, write, { id, at });
}

/** Notes an operation under its place in the journal, and writes its rows. */
async function writeWhole(sql: Sql, placed: PlacedOperation): Promise<void> {
  await insertOperations(sql, [placed]);
  await writeRows(sql, placed.operation);
}

/** What is wrong with when it was said, or with what lies beside it. */
async function mustFit(sql: Sql, { at, write }: Operation): Promise<void> {
  const stays = write.name === 'stay.save' ? await listLying(sql, write.roomId) : [];
  const wrong = [...timeIssues({ at }), ...entryIssues(write, { stays })];
  if (wrong.length > 0) refuse({ reason: 'invalid', issues: wrong.map((i) => ({ path: i.path.join('.'), message: i.message })) });
}

/** Whether a batch was done before, whole; one that was done in part, or with other content, is another. */
async function doneBefore(sql: Sql, batch: Batch): Promise<boolean> {
  const known = await listOperations(
    sql,
    batch.map((o) => o.id),
  );
  if (known.length === 0) return false;
  const same = batch.every((given) => known.some((k) => k.id === given.id && isSameOperation(k, given)));
  return same || refuse({ reason: 'already-there', what: 'another operation of this id' });
}

async function done(sql: Sql, batch: Batch, seq: number, mayBe: 'anything' | 'what-fits'): Promise<Journalled<Applied>> {
  if (await doneBefore(sql, batch)) return { entry: undefined, value: { ok: true, id: batchId(batch), done: null } };
  const operations: Operation[] = [];
  let first: Place | undefined;
  for (const [i, given] of batch.entries()) {
    const place = await placeOf(sql, given.write);
    first ??= place;
    if (place.visitId !== first.visitId) refuse({ reason: 'not-found', what: 'visit' });
    if (mayBe === 'what-fits') await mustFit(sql, given);
    await checkWrite(sql, given.write, true);
    const operation = await resolve(sql, given);
    await writeWhole(sql, { operation, visitId: first.visitId, seq: seq + i });
    operations.push(operation);
  }
  const { visitId, position: before } = first!;
  const [operation] = operations;
  const alone = operations.length === 1 || visitId === null;
  const asSaid = operations.every((o, i) => o === batch[i]);
  const after = seq + operations.length - 1;
  return {
    entry: alone ? { kind: 'operation', visitId, operation: operation! } : { kind: 'operations', visitId, operations },
    value: { ok: true, id: idOf(operation!), done: { operations: asSaid ? 'as-said' : operations, before, after } },
  };
}

/** What a database error says of what was asked; undefined when it says nothing of it. */
function refusalOf(error: unknown, what: string): Refusal | undefined {
  const state = sqlState(error);
  if (state === UNIQUE_VIOLATION) return { reason: 'already-there', what };
  if (state === FOREIGN_KEY_VIOLATION) return { reason: 'not-found', what };
  // data that no column takes: asking again will not change it
  if (state?.startsWith('22') || state?.startsWith('23'))
    return { reason: 'invalid', issues: [{ path: '', message: 'It holds something that can not be kept.' }] };
  return undefined;
}

/** Journals and does operations in one transaction: all of them or nothing. The same ones twice are done once. */
async function applyBatch(db: Database, batch: Batch, mayBe: 'anything' | 'what-fits'): Promise<ApplyResult> {
  try {
    return await db.journalled((sql, seq) => done(sql, batch, seq, mayBe));
  } catch (e) {
    const refusal = e instanceof Refused ? e.refusal : refusalOf(e, batch.map((o) => o.write.name).join(', '));
    if (refusal) return { ok: false, ...refusal };
    throw e;
  }
}
/** Journals and does one operation as it is given, whatever it lies beside. */
export const applyOperation = (db: Database, operation: Operation): Promise<ApplyResult> =>
  applyBatch(db, [operation], 'anything');

type InVisit = { readonly visitId: string; readonly seq: number };
/** An operation of a deck, or of the consultant, belongs to no visit, whatever it came in with. */
export const visitOrNone = ({ write }: Operation, visitId: string) => (isOfNoVisit(write) ? null : visitId);

/**
 * Does an operation that came in with others of its visit, in their transaction.
 *
 * @throws ArchiveRefused when it does not fit what is here, or is of another visit
 */
export async function doneInside(sql: Sql, operation: Operation, { visitId, seq }: InVisit): Promise<void> {
  const { write } = operation;
  const refused = (why: string): never => {
    throw new ArchiveRefused(`Something in it does not fit what is here (${write.name}: ${why}).`);
  };
  try {
    const owner = await placeOf(sql, write);
    const own = visitOrNone(operation, visitId);
    if (owner.visitId !== own) refused('it is of another visit');
    await checkWrite(sql, write, false);
    await writeWhole(sql, { operation, visitId: own, seq });
  } catch (e) {
    if (e instanceof ArchiveRefused) throw e;
    const refusal = e instanceof Refused ? e.refusal : refusalOf(e, write.name);
    if (refusal) refused('what' in refusal ? `${refusal.reason}, ${refusal.what}` : refusal.reason);
    throw e;
  }
}

/** Does operations that stand in the journal again, under their places there: nothing is asked, looked up or refused. */
export async function replayOperations(sql: Sql, placed: readonly PlacedOperation[]): Promise<void> {
  await insertOperations(sql, placed);
  await eventsAtOnce(sql, async () => {
    for (const { operation } of placed) await writeRows(sql, operation);
  });
}

/** Decks come in through their preview, where every colour is checked. */
const NOT_FROM_OUTSIDE: ReadonlySet<WriteName> = new Set(['deck.import']);

const togetherSchema = z.strictObject({ together: z.array(z.unknown()).min(1).max(MOST_IN_BATCH) });
/** What is given: one operation, or several that land together. */
const givenOf = (input: unknown): readonly unknown[] => {
  const several = togetherSchema.safeParse(input);
  return several.success ? several.data.together : [input];
};

/** Parses what came over the border and applies it. */
export async function applyUnknown(db: Database, input: unknown): Promise<ApplyResult> {
  const batch: Operation[] = [];
  for (const given of givenOf(input)) {
    const parsed = readOperation(given);
    if (!parsed.success) {
      const issues = parsed.error.issues.map((i) => ({
        path: i.path.filter((p) => p !== 'write').join('.'),
        message: i.message,
      }));
      return { ok: false, reason: 'invalid', issues };
    }
    batch.push(parsed.data);
  }
  // a batch is of one visit
  const odd = batch.some(({ write }) => NOT_FROM_OUTSIDE.has(write.name) || (batch.length > 1 && isOfNoVisit(write)));
  if (odd || new Set(batch.map((o) => o.id)).size < batch.length) return { ok: false, reason: 'invalid', issues: [] };
  return applyBatch(db, batch, 'what-fits');
}
