import { entryIssues } from '@/core/operations/entry-issues';
import { isOfNoVisit, type Operation, type Write, type WriteName } from '@/core/operations/operations';
import type { Refusal } from '@/core/operations/operation';
import { isSameOperation } from '@/core/operations/same-operation';
import type { Applied, ApplyResult } from '@/core/operations/revision';
import { timeIssues } from '@/core/operations/time-issues';
import { readOperation } from '@/core/operations/upgrade';
import { findOperation, insertOperations, journalPosition, placeOfRoom, type PlacedOperation } from '@/data/operations';
import { listLying } from '@/data/stays';
import { FOREIGN_KEY_VIOLATION, sqlState, UNIQUE_VIOLATION, type Database, type Journalled, type Sql } from '@/data/sql';
import { visitExists } from '@/data/visits';
import { ArchiveRefused } from '../archive/zip';
import { checkWrite } from './check';
import { JUDGEMENT_ROWS } from './judgement-rows';
import { Refused, refuse, type Rows } from './refuse';
import { resolve } from './resolve';
import { VISIT_ROWS } from './visit-rows';

const ROWS = { ...VISIT_ROWS, ...JUDGEMENT_ROWS };

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
  await (ROWS[write.name] as Rows<WriteName>)(sql, write as never, { id, at });
}

/** Notes an operation under its place in the journal, and writes its rows. */
async function writeWhole(sql: Sql, placed: PlacedOperation): Promise<void> {
  await insertOperations(sql, [placed]);
  await writeRows(sql, placed.operation);
}

async function done(sql: Sql, given: Operation, seq: number): Promise<Journalled<Applied>> {
  const known = await findOperation(sql, given.id);
  if (known) {
    if (!isSameOperation(known, given)) refuse({ reason: 'already-there', what: 'another operation of this id' });
    return { entry: undefined, value: { ok: true, id: given.id, done: null } };
  }
  const { visitId, position: before } = await placeOf(sql, given.write);
  await checkWrite(sql, given.write, true);
  const operation = await resolve(sql, given);
  await writeWhole(sql, { operation, visitId, seq });
  const value: Applied = { ok: true, id: idOf(operation), done: { operation, before, after: seq } };
  return { entry: { kind: 'operation', visitId, operation }, value };
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

/** Journals and does one operation in one transaction: all of it or nothing. The same operation twice is done once. */
export async function applyOperation(db: Database, operation: Operation): Promise<ApplyResult> {
  try {
    return await db.journalled((sql, seq) => done(sql, operation, seq));
  } catch (e) {
    const refusal = e instanceof Refused ? e.refusal : refusalOf(e, operation.write.name);
    if (refusal) return { ok: false, ...refusal };
    throw e;
  }
}

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
  for (const { operation } of placed) await writeRows(sql, operation);
}

/** Decks come in through their preview, where every colour is checked. */
const NOT_FROM_OUTSIDE: ReadonlySet<WriteName> = new Set(['deck.import']);

/** Parses what came over the border and applies it. */
export async function applyUnknown(db: Database, input: unknown): Promise<ApplyResult> {
  const parsed = readOperation(input);
  if (!parsed.success) {
    const issues = parsed.error.issues.map((i) => ({ path: i.path.filter((p) => p !== 'write').join('.'), message: i.message }));
    return { ok: false, reason: 'invalid', issues };
  }
  if (NOT_FROM_OUTSIDE.has(parsed.data.write.name)) return { ok: false, reason: 'invalid', issues: [] };
  const { write } = parsed.data;
  const stays = write.name === 'stay.save' ? await listLying(db, write.roomId) : [];
  const wrong = [...timeIssues({ at: parsed.data.at }), ...entryIssues(write, { stays })];
  if (wrong.length > 0)
    return { ok: false, reason: 'invalid', issues: wrong.map((i) => ({ path: i.path.join('.'), message: i.message })) };
  return applyOperation(db, parsed.data);
}
