import { entryIssues } from '@/core/operations/entry-issues';
import type { Operation, Write, WriteName } from '@/core/operations/operations';
import type { Applied, ApplyResult } from '@/core/operations/revision';
import { readOperation } from '@/core/operations/upgrade';
import { insertOperation, isJournalled, journalPosition } from '@/data/operations';
import { visitOfRoom } from '@/data/rooms';
import { listLying } from '@/data/stays';
import { FOREIGN_KEY_VIOLATION, sqlState, UNIQUE_VIOLATION, type Database, type Sql } from '@/data/sql';
import { visitExists } from '@/data/visits';
import { JUDGEMENT_ROWS } from './judgement-rows';
import { Refused, refuse, type Rows } from './refuse';
import { resolve } from './resolve';
import { VISIT_ROWS } from './visit-rows';

const ROWS = { ...VISIT_ROWS, ...JUDGEMENT_ROWS };

/** The visit an operation belongs to; null for one that belongs to none. */
async function visitOf(sql: Sql, write: Write): Promise<string | null> {
  if (write.name === 'visit.create') return write.visitId;
  if ('visitId' in write)
    return (await visitExists(sql, write.visitId)) ? write.visitId : refuse({ reason: 'not-found', what: 'visit' });
  if (!('roomId' in write)) return null;
  return (await visitOfRoom(sql, write.roomId)) ?? refuse({ reason: 'not-found', what: 'room' });
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

async function done(sql: Sql, given: Operation): Promise<Applied> {
  if (await isJournalled(sql, given.id)) return { ok: true, id: given.id, done: null };
  const visitId = await visitOf(sql, given.write);
  const operation = await resolve(sql, given);
  const before = visitId === null ? 0 : await journalPosition(sql, visitId);
  const after = await insertOperation(sql, operation, visitId);
  const { id, at, write } = operation;
  await (ROWS[write.name] as Rows<WriteName>)(sql, write as never, { id, at });
  return { ok: true, id: idOf(operation), done: { operation, before, after } };
}

/** Journals and does one operation in one transaction: all of it or nothing. The same operation twice is done once. */
export async function applyOperation(db: Database, operation: Operation): Promise<ApplyResult> {
  try {
    return await db.transaction((sql) => done(sql, operation));
  } catch (e) {
    if (e instanceof Refused) return { ok: false, ...e.refusal };
    const state = sqlState(e);
    if (state === UNIQUE_VIOLATION) return { ok: false, reason: 'already-there', what: operation.write.name };
    if (state === FOREIGN_KEY_VIOLATION) return { ok: false, reason: 'not-found', what: operation.write.name };
    throw e;
  }
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
  const wrong = entryIssues(write, { stays });
  if (wrong.length > 0)
    return { ok: false, reason: 'invalid', issues: wrong.map((i) => ({ path: i.path.join('.'), message: i.message })) };
  return applyOperation(db, parsed.data);
}
