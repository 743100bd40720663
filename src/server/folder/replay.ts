import { operationSchema } from '@/core/operations/operations';
import { readOperation } from '@/core/operations/upgrade';
import { putRows } from '@/data/folder/snapshot';
import type { PlacedLine } from '@/data/journal/journal';
import { JournalDamaged } from '@/data/journal/scan';
import { FolderNewer, migrate } from '@/data/migrate';
import { deletePictureRows, insertPictureRow } from '@/data/photos';
import type { Database, Sql } from '@/data/sql';
import { storeShipped } from '../deck/load-shipped';
import { replayInside, replayOperation } from '../operations/apply';

/** Lines done in one transaction. Own choice: a transaction for each is twice as slow, one for all holds everything in memory. */
const AT_ONCE = 500;

async function redo(sql: Sql, { seq, entry }: PlacedLine): Promise<void> {
  switch (entry.kind) {
    case 'operation': {
      const { version, ...given } = entry.operation as { version: number } & Record<string, unknown>;
      const read = readOperation(version === 0 ? given : entry.operation);
      if (!read.success) throw new Error(`it can not be read any more: ${read.error.issues[0]?.message ?? ''}`);
      return replayOperation(sql, read.data, { visitId: entry.visitId, seq });
    }
    case 'operations': {
      for (const [i, operation] of entry.operations.entries())
        await replayInside(sql, operationSchema.parse(operation), { visitId: entry.visitId, seq: seq + i });
      return;
    }
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

/** Does lines again in one transaction each few hundred. @throws JournalDamaged naming the line that can not be done again */
async function redoAll(db: Database, lines: Iterable<PlacedLine>): Promise<number> {
  let done = 0;
  let batch: PlacedLine[] = [];
  const flush = async () => {
    await db.transaction(async (sql) => {
      for (const line of batch)
        await redo(sql, line).catch((e: unknown) => {
          throw new JournalDamaged(
            line.file,
            line.line,
            `it can not be done again (${e instanceof Error ? e.message : String(e)})`,
          );
        });
    });
    done += batch.length;
    batch = [];
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
