import { readOperation } from '@/core/operations/upgrade';
import type { Database } from '@/data/sql';
import { countRows } from '@/data/row-counts';
import { findPictureRow, insertPictureRow } from '@/data/photos';
import { applyOperation } from '../operations/apply';
import { sha256 } from '../sha256';
import type { Unclosed } from './unclosed';

/** What a database knew beyond the journal, and what became of it. */
export type SavedAgain = {
  /** Operations that fit, and stand in the journal again. */
  readonly saved: number;
  readonly pictures: number;
  /** What it had and does not fit any more: its name, when it was said, why not. */
  readonly refused: readonly { readonly name: string; readonly at: string; readonly why: string }[];
  /** Tables that have fewer rows than it had, by how many. */
  readonly fewer: Readonly<Record<string, number>>;
};

type Known = Extract<Unclosed, { readonly read: true }>;

/** Pictures of which the file is there and is what was noted. */
async function picturesAgain(db: Database, { pictures }: Known): Promise<number> {
  let kept = 0;
  for (const row of pictures) {
    const jpeg = (await findPictureRow(db, row.hash)) ? undefined : await db.pictures.read(row.hash);
    if (!jpeg || sha256(jpeg) !== row.sha256) continue;
    await db.journalled(async (sql) => {
      await insertPictureRow(sql, row);
      return { entry: { kind: 'picture', ...row }, value: undefined };
    });
    kept += 1;
  }
  return kept;
}

/** Does what a database knew beyond the journal again, one by one: each is checked as if it came in now, and what fits is journalled. */
export async function saveAgain(db: Database, known: Known): Promise<SavedAgain> {
  const pictures = await picturesAgain(db, known);
  const refused: { name: string; at: string; why: string }[] = [];
  let saved = 0;
  for (const { id, version, at, write } of known.beyond) {
    const when = String(at);
    const name = String((write as { name?: unknown } | null)?.name ?? 'something');
    const read = readOperation({ id, version, at: at instanceof Date ? at.toISOString() : at, write });
    if (!read.success) {
      refused.push({ name, at: when, why: 'it cannot be read' });
      continue;
    }
    const result = await applyOperation(db, read.data);
    if (result.ok) saved += 1;
    else refused.push({ name, at: when, why: 'what' in result ? `${result.reason}, ${result.what}` : result.reason });
  }
  return { saved, pictures, refused, fewer: await fewerRows(db, known) };
}

/** Tables in which rows are missing that a database had. */
export async function fewerRows(db: Database, { rows }: Pick<Known, 'rows'>): Promise<Record<string, number>> {
  const now = await countRows(db);
  return Object.fromEntries(
    Object.entries(rows).flatMap(([table, n]) => ((now[table] ?? n) < n ? [[table, n - now[table]!]] : [])),
  );
}
