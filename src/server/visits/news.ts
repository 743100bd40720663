import { leastRecentlyUsed } from '@/core/base/least-recently-used';
import { advanced, type Operation } from '@/core/operations/operations';
import { tagOf, type Revision, type VisitAt, type VisitNews } from '@/core/operations/revision';
import { readOperation } from '@/core/operations/upgrade';
import { writeVisitText } from '@/core/operations/visit-text';
import type { Visit } from '@/core/record/visit';
import { deckVersion } from '@/data/decks';
import { journalPosition, listOperationsSince } from '@/data/operations';
import type { Database, Sql } from '@/data/sql';
import { loadVisit } from './load-visit';
import { onePerProcess } from '../one-per-process';

/** A server that was started anew may read the same rows otherwise: pages read everything again then. */
const { started } = onePerProcess('started', () => ({ started: Date.now().toString(36) }));

export const revisionOf = async (sql: Sql, visitId: string): Promise<Revision> => ({
  seq: await journalPosition(sql, visitId),
  deck: `${await deckVersion(sql)}.${started}`,
});

/** Visits as they were read last, each at its revision. */
const MOST_KEPT = 4;
type Slot = { at: Revision | undefined; visit: Visit | undefined; text: string | undefined };
const kept = onePerProcess('visits', () => leastRecentlyUsed<Slot>(MOST_KEPT));

const slotOf = (id: string): Slot => kept(id, () => ({ at: undefined, visit: undefined, text: undefined }));

/** A visit with its revision as text, written once for each revision: a page reads it many times faster than as an object of its own. */
export function textOf({ visit, revision }: VisitAt): string {
  const slot = slotOf(visit.id);
  if (slot.visit !== visit) return writeVisitText({ visit, revision });
  return (slot.text ??= writeVisitText({ visit, revision }));
}

/** Operations a page can be told of at once; one that missed more reads everything. */
const MOST_OPERATIONS = 200;

async function operationsSince(sql: Sql, id: string, seq: number): Promise<readonly Operation[] | undefined> {
  const rows = await listOperationsSince(sql, id, seq, MOST_OPERATIONS + 1);
  if (rows.length > MOST_OPERATIONS) return undefined;
  const read = rows.map((row) => readOperation(row.version === 0 ? { ...row, version: undefined } : row));
  return read.every((r) => r.success) ? read.map((r) => r.data!) : undefined;
}

/** What is kept of a visit, with what was written since; undefined where that cannot be said, or nothing is kept. */
async function keptAt(sql: Sql, id: string, { deck }: Revision): Promise<Visit | undefined> {
  const { at, visit } = slotOf(id);
  if (!visit || at?.deck !== deck) return undefined;
  const operations = await operationsSince(sql, id, at.seq);
  return operations && advanced(visit, operations);
}

/** One visit with its revision, in one snapshot: what was written since it was read last is done to that, as on a page. */
export async function visitAt(sql: Sql, id: string): Promise<VisitAt | undefined> {
  const revision = await revisionOf(sql, id);
  const slot = slotOf(id);
  if (!slot.visit || !slot.at || tagOf(slot.at) !== tagOf(revision)) {
    slot.visit = (await keptAt(sql, id, revision)) ?? (await loadVisit(sql, id));
    slot.at = revision;
    slot.text = undefined;
  }
  return slot.visit && { visit: slot.visit, revision };
}

/** What happened to a visit since a revision: nothing, these operations, or, when it cannot be said so, the whole of it. */
export const newsFrom = (db: Database, id: string, known: Revision | undefined): Promise<VisitNews | undefined> =>
  db.transaction(async (sql): Promise<VisitNews | undefined> => {
    const revision = await revisionOf(sql, id);
    if (known && tagOf(known) === tagOf(revision)) return { kind: 'same' };
    const operations = known && known.deck === revision.deck ? await operationsSince(sql, id, known.seq) : undefined;
    if (operations) return { kind: 'operations', operations, revision };
    const found = await visitAt(sql, id);
    return found && { kind: 'visit', ...found };
  });
