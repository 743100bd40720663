import type { Operation } from '@/core/operations/operations';
import { readOperation } from '@/core/operations/upgrade';
import { putRows, trustReferences } from '@/data/folder/snapshot';
import type { PlacedLine } from '@/data/journal/journal';
import { JournalDamaged } from '@/data/journal/scan';
import { FolderNewer, migrate } from '@/data/migrate';
import type { PlacedOperation } from '@/data/operations';
import { deletePictureRows, insertPictureRow } from '@/data/photos';
import type { Database, Sql } from '@/data/sql';
import { storeShipped } from '../deck/load-shipped';
import { replayOperations, visitOrNone } from '../operations/apply';

/** Lines done in one transaction. Own choice: a transaction for each is twice as slow, one for all holds everything in memory. */
const AT_ONCE = 500;

function operationOf(given: unknown): Operation {
  const read = readOperation(given);
  if (!read.success) throw new Error(`it can not be read any more: ${read.error.issues[0]?.message ?? ''}`);
  return read.data;
}

/** The operations a line holds, with their places; none for a line of another kind. */
function placedIn({ seq, entry }: PlacedLine): PlacedOperation[] {
  if (entry.kind === 'operation') return [{ operation: operationOf(entry.operation), visitId: entry.visitId, seq }];
  if (entry.kind !== 'operations') return [];
  return entry.operations.map((given, i) => {
    const operation = operationOf(given);
    return { operation, visitId: visitOrNone(operation, entry.visitId), seq: seq + i };
  });
}

/** Pictures that came in with a line's operations. */
const picturesIn = ({ entry }: PlacedLine) => (entry.kind === 'operations' ? (entry.pictures ?? []) : []);

async function redo(sql: Sql, { entry }: PlacedLine): Promise<void> {
  switch (entry.kind) {
    case 'shipped':
      return storeShipped(sql, entry);
    case 'picture':
      return void (await insertPictureRow(sql, entry));
    case 'forget':
      return void (await deletePictureRows(sql, entry.hashes));
    case 'rows':
      return putRows(sql, entry);
    default:
      throw new Error('it says something this Elm Swatch does not know');
  }
}

/** Does one line again. @throws JournalDamaged naming the line that can not be done again */
async function redoLine(sql: Sql, line: PlacedLine): Promise<void> {
  try {
    const placed = placedIn(line);
    for (const picture of picturesIn(line)) await insertPictureRow(sql, picture);
    if (placed.length === 0) await redo(sql, line);
    else await replayOperations(sql, placed);
  } catch (e) {
    throw new JournalDamaged(line.file, line.line, `it can not be done again (${e instanceof Error ? e.message : String(e)})`);
  }
}

/** Does lines again in their order; operations that follow one another are noted at once. */
async function redoTogether(sql: Sql, lines: readonly PlacedLine[]): Promise<void> {
  let placed: PlacedOperation[] = [];
  const flush = async () => {
    if (placed.length > 0) await replayOperations(sql, placed);
    placed = [];
  };
  for (const line of lines) {
    const operations = placedIn(line);
    const pictures = picturesIn(line);
    if (pictures.length > 0) await flush();
    for (const picture of pictures) await insertPictureRow(sql, picture);
    placed.push(...operations);
    if (operations.length > 0) continue;
    await flush();
    await redo(sql, line);
  }
  await flush();
}

/** Does lines again, some hundreds in a transaction; what they refer to was there when they were written, and is not asked for. */
async function redoAll(db: Database, lines: Iterable<PlacedLine>): Promise<number> {
  let done = 0;
  let batch: PlacedLine[] = [];
  const inTransaction = (redoing: (sql: Sql) => Promise<void>) =>
    db.transaction(async (sql) => {
      await trustReferences(sql);
      await redoing(sql);
    });
  const flush = async () => {
    const now = batch;
    batch = [];
    try {
      await inTransaction((sql) => redoTogether(sql, now));
    } catch {
      // one by one it comes out which of them it is
      await inTransaction(async (sql) => {
        for (const line of now) await redoLine(sql, line);
      });
    }
    done += now.length;
  };
  for (const line of lines) {
    batch.push(line);
    if (batch.length === AT_ONCE) await flush();
  }
  if (batch.length > 0) await flush();
  return done;
}

/** @throws FolderNewer when rows stood in a database of migrations this build does not know */
async function mustKnow(db: Database, migrations: readonly string[]): Promise<void> {
  const known = (await db.query<{ name: string }>('select name from migration')).map((m) => m.name);
  const unknown = migrations.filter((m) => !known.includes(m));
  if (unknown.length > 0) throw new FolderNewer(unknown);
}

/**
 * Does everything again that the journal says, into a database that has no table yet or holds what stands before the first of these lines.
 * A journal that begins with the rows of a folder is put in at the migration those stood in, and brought up from there.
 *
 * @returns how many lines were done
 */
export async function replay(db: Database, lines: Generator<PlacedLine>): Promise<number> {
  const first = lines.next();
  if (first.done) {
    await migrate(db);
    return 0;
  }
  const rest = function* (from: PlacedLine) {
    yield from;
    yield* lines;
  };
  if (first.value.entry.kind !== 'rows') {
    await migrate(db);
    return redoAll(db, rest(first.value));
  }
  await migrate(db, { upTo: first.value.entry.migrations.at(-1) });
  await mustKnow(db, first.value.entry.migrations);
  const after: { line: PlacedLine | undefined } = { line: undefined };
  const rows = function* () {
    for (const line of rest(first.value)) {
      if (line.entry.kind !== 'rows') {
        after.line = line;
        return;
      }
      yield line;
    }
  };
  const put = await redoAll(db, rows());
  await migrate(db);
  return put + (after.line ? await redoAll(db, rest(after.line)) : 0);
}
