import { readOperation } from '@/core/operations/upgrade';
import type { Operation } from '@/core/operations/operations';
import type { Deck } from '@/core/formats/deck/deck';
import { VISIT_FILE, type VisitFile } from '@/core/formats/visit-file';
import { listDeckColoursById } from '@/data/decks';
import { listOperationsSince } from '@/data/operations';
import { findPictureRow, type PictureRow } from '@/data/photos';
import type { Database, Sql } from '@/data/sql';
import { findVisit } from '@/data/visits';
import { deckIn } from '../deck-files/export';
import { ArchiveRefused, zipOf, type ZipEntry } from './zip';
import { sha256 } from '../sha256';

/** JSON with the members of each object in the order of their names: the same visit is the same bytes. */
const inOrder = (value: unknown): string =>
  JSON.stringify(value, (_, inner: unknown) =>
    typeof inner === 'object' && inner !== null && !Array.isArray(inner)
      ? Object.fromEntries(Object.entries(inner).sort(([a], [b]) => (a < b ? -1 : 1)))
      : inner,
  );

/** Every operation of a visit in its order, as ones of today. */
export async function operationsOf(sql: Sql, visitId: string): Promise<Operation[]> {
  const rows = await listOperationsSince(sql, visitId, 0, Number.MAX_SAFE_INTEGER);
  return rows.map((row) => {
    const read = readOperation(row.version === 0 ? { ...row, version: undefined } : row);
    if (!read.success)
      throw new ArchiveRefused('Something in this visit was written by a build that this one cannot read any more.');
    return read.data;
  });
}

/** The colours that are tried in it, with their bases, deck by deck; what a maker's products are called goes with its whole deck. */
async function decksOf(sql: Sql, operations: readonly Operation[]): Promise<Deck[]> {
  const tried = new Set(operations.flatMap(({ write }) => (write.name === 'candidate.add' ? [write.deckColourId] : [])));
  const rows = await listDeckColoursById(sql, [...tried]);
  const makers = [...new Set(rows.map((r) => r.makerId))].sort();
  const decks = await Promise.all(makers.map((id) => deckIn(sql, id, (colourId) => tried.has(colourId))));
  return decks.flatMap((d) => {
    if (!d) return [];
    const { products: _, ...deck } = d;
    return [deck];
  });
}

async function picturesOf(sql: Sql, operations: readonly Operation[]): Promise<PictureRow[]> {
  const named = [...new Set(operations.flatMap(({ write }) => (write.name === 'photo.add' ? [write.picture] : [])))].sort();
  const rows: PictureRow[] = [];
  for (const hash of named) {
    const row = await findPictureRow(sql, hash);
    if (row) rows.push(row);
  }
  return rows;
}

/** A visit as one file: a zip of `visit.json`, its SHA-256 and its pictures. Undefined when there is no such visit. */
export async function visitFile(
  db: Database,
  visitId: string,
): Promise<{ readonly label: string; readonly bytes: Uint8Array } | undefined> {
  const made = await db.transaction(async (sql) => {
    const visit = await findVisit(sql, visitId);
    if (!visit) return undefined;
    const operations = await operationsOf(sql, visitId);
    const file: VisitFile = {
      ...VISIT_FILE,
      about: 'A visit of Elm Swatch: docs/formats.md says what is in it.',
      visitId,
      label: visit.label,
      operations: operations as unknown as VisitFile['operations'],
      decks: await decksOf(sql, operations),
      pictures: await picturesOf(sql, operations),
    };
    return { file, label: visit.label };
  });
  if (!made) return undefined;
  const json = new TextEncoder().encode(`${inOrder(made.file)}\n`);
  const entries: ZipEntry[] = [
    { name: 'visit.json', bytes: () => json },
    { name: 'visit.sha256', bytes: () => new TextEncoder().encode(`${sha256(json)}  visit.json\n`) },
  ];
  for (const { hash } of made.file.pictures) {
    const jpeg = await db.pictures.read(hash);
    if (!jpeg) throw new ArchiveRefused('A photograph of this visit is missing on the disk: run bin/check.');
    entries.push({ name: `pictures/${hash}.jpg`, bytes: () => jpeg, stored: true });
  }
  return { label: made.label, bytes: zipOf(entries) };
}
