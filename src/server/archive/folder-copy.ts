import { existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync, statSync } from 'node:fs';
import path from 'node:path';
import { z } from 'zod';
import { makeFolder, syncFolder, writeDurably } from '@/data/folder/durable';
import { removeParts } from '@/data/folder/picture-files';
import { mustHaveRoom } from '@/data/folder/room-left';
import { journalFiles, scanJournal } from '@/data/journal/scan';
import { ArchiveRefused, unzip, writeZip, type ZipEntry } from './zip';
import { sha256 } from '../sha256';

const JOURNAL = /^journal\/\d{4,}\.jsonl$/;
const PICTURE = /^pictures\/[0-9a-f]{64}\.jpg$/;
const CONTENTS = 'contents.json';

const contentsSchema = z.strictObject({
  format: z.literal('elm-swatch/folder-copy'),
  version: z.literal(1),
  /** Place of the last line of the journal. */
  seq: z.int().min(0),
  /** SHA-256 of each file, hexadecimal. */
  files: z.record(z.string(), z.string().regex(/^[0-9a-f]{64}$/)),
});
type Contents = z.infer<typeof contentsSchema>;

const LIMITS = {
  allows: (name: string) => name === CONTENTS || JOURNAL.test(name) || PICTURE.test(name),
  mostFiles: 100_000,
  mostBytes: 8 * 1024 ** 3,
};

/** The journal as it stands, its last line whole though it may be written on meanwhile. */
function journalEntries(folder: string): ZipEntry[] {
  return journalFiles(path.join(folder, 'journal')).map((name) => {
    const bytes = readFileSync(path.join(folder, 'journal', name));
    return { name: `journal/${name}`, bytes: () => new Uint8Array(bytes.subarray(0, bytes.lastIndexOf(10) + 1)) };
  });
}

const picturesOf = (folder: string): string[] =>
  existsSync(path.join(folder, 'pictures'))
    ? readdirSync(path.join(folder, 'pictures'))
        .filter((name) => PICTURE.test(`pictures/${name}`))
        .sort()
    : [];

/** Every file of a copy and, last, what they are. */
function* entriesOf(folder: string, seq: number): Generator<ZipEntry> {
  const files: Record<string, string> = {};
  const noted = (entry: ZipEntry): ZipEntry => {
    const bytes = entry.bytes();
    files[entry.name] = sha256(bytes);
    return { ...entry, bytes: () => bytes };
  };
  for (const entry of journalEntries(folder)) yield noted(entry);
  for (const name of picturesOf(folder)) {
    const bytes = () => new Uint8Array(readFileSync(path.join(folder, 'pictures', name)));
    yield noted({ name: `pictures/${name}`, bytes, stored: true });
  }
  const contents: Contents = { format: 'elm-swatch/folder-copy', version: 1, seq, files };
  yield { name: CONTENTS, bytes: () => new TextEncoder().encode(JSON.stringify(contents)) };
}

const sizeOf = (folder: string): number =>
  [
    ...journalFiles(path.join(folder, 'journal')).map((n) => path.join('journal', n)),
    ...picturesOf(folder).map((n) => path.join('pictures', n)),
  ]
    .map((name) => statSync(path.join(folder, name)).size)
    .reduce((sum, n) => sum + n, 0);

/**
 * Writes a copy of a data folder's journal and pictures into one file; the folder may be in use meanwhile.
 *
 * @returns place of the last line in it
 * @throws JournalDamaged, DiskFull, and what the file system says
 */
export function backUp(folder: string, file: string): number {
  const { last } = scanJournal(path.join(folder, 'journal'), false);
  mkdirSync(path.dirname(file), { recursive: true });
  mustHaveRoom(path.dirname(file), sizeOf(folder));
  writeZip(file, entriesOf(folder, last));
  return last;
}

function contentsOf(files: ReadonlyMap<string, Uint8Array>): Contents {
  const bytes = files.get(CONTENTS);
  if (!bytes) throw new ArchiveRefused('It is no copy of a data folder of Elm Swatch.');
  let value: unknown;
  try {
    value = JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
  } catch {
    throw new ArchiveRefused('Its list of contents is damaged.');
  }
  const version = (value as { version?: unknown } | null)?.version;
  if (typeof version === 'number' && version > 1) throw new ArchiveRefused('It was written by a newer Elm Swatch.');
  const parsed = contentsSchema.safeParse(value);
  if (!parsed.success) throw new ArchiveRefused('Its list of contents is damaged.');
  return parsed.data;
}

/** Reads a copy and checks every file of it against what it says of itself. */
export function readCopy(file: string): { readonly seq: number; readonly files: ReadonlyMap<string, Uint8Array> } {
  const files = new Map(unzip(new Uint8Array(readFileSync(file)), LIMITS));
  const contents = contentsOf(files);
  files.delete(CONTENTS);
  const named = Object.keys(contents.files).sort();
  if (named.join('\n') !== [...files.keys()].sort().join('\n'))
    throw new ArchiveRefused('It does not hold the files it says it holds.');
  for (const [name, bytes] of files)
    if (sha256(bytes) !== contents.files[name]) throw new ArchiveRefused(`${name} in it is damaged.`);
  return { seq: contents.seq, files };
}

/**
 * Puts a copy into a folder that is not there yet or is empty.
 *
 * @throws ArchiveRefused when the copy is damaged or the folder holds anything; nothing was written then
 */
export function restore(file: string, folder: string): number {
  if (existsSync(folder) && readdirSync(folder).length > 0)
    throw new ArchiveRefused(`${folder} holds something already: a copy goes only into an empty folder.`);
  const { seq, files } = readCopy(file);
  makeFolder(folder);
  mustHaveRoom(
    folder,
    [...files.values()].reduce((sum, b) => sum + b.length, 0),
  );
  for (const name of ['journal', 'pictures']) makeFolder(path.join(folder, name));
  for (const [name, bytes] of files) writeDurably(path.join(folder, name), bytes);
  syncFolder(folder);
  const { last } = scanJournal(path.join(folder, 'journal'), false);
  if (last !== seq) throw new ArchiveRefused(`Its journal ends at ${last}, and should at ${seq}.`);
  return last;
}

/** How many copies are kept: one a day for a week, one a week for four. */
const KEPT = { days: 7, weeks: 4 } as const;
const DATED = /^(\d{4}-\d{2}-\d{2})\.zip$/;
const MONDAY = Date.UTC(2024, 0, 1);
const weekOf = (day: string) => Math.floor((Date.parse(`${day}T00:00:00Z`) - MONDAY) / (7 * 24 * 60 * 60 * 1000));

/** The days whose copies are kept: the last seven, and the last of each of the last four weeks that have any. */
export function keptDays(days: readonly string[]): string[] {
  const newest = [...days].sort().reverse();
  const weekly = newest.filter((day, i) => newest.findIndex((d) => weekOf(d) === weekOf(day)) === i).slice(0, KEPT.weeks);
  return [...new Set([...newest.slice(0, KEPT.days), ...weekly])].sort();
}

export const copiesIn = (folder: string): string => path.join(folder, 'copies');

/** Days of which there are copies, the oldest first. */
export const listCopies = (folder: string): string[] =>
  existsSync(copiesIn(folder))
    ? readdirSync(copiesIn(folder))
        .flatMap((name) => DATED.exec(name)?.[1] ?? [])
        .sort()
    : [];

/** A copy of a day that another would have replaced which ends earlier or holds less: both are kept, this one with where it ends. */
const HELD = /^(\d{4}-\d{2}-\d{2})\.held-\d+(-\d+)?\.zip$/;

/** Every copy there is, by its name, the newest day first; of one day what was made last stands before what was held. */
export const allCopies = (folder: string): string[] =>
  existsSync(copiesIn(folder))
    ? readdirSync(copiesIn(folder))
        .filter((name) => DATED.test(name) || HELD.test(name))
        .sort((p, q) => (p.slice(0, 10) === q.slice(0, 10) ? p.length - q.length : p < q ? 1 : -1))
    : [];

/** Where the newest copy ends and how many pictures it holds, kept beside the copies. */
const LAST = 'last-line';
type Noted = { readonly seq: number; readonly pictures: number };

/** What is noted of the newest copy; of before only where it ends. */
function notedOf(file: string): Noted | undefined {
  if (!existsSync(file)) return undefined;
  try {
    const value: unknown = JSON.parse(readFileSync(file, 'utf8'));
    if (typeof value === 'number') return { seq: value, pictures: 0 };
    return z.object({ seq: z.number(), pictures: z.number() }).parse(value);
  } catch {
    return undefined;
  }
}

/** Where the newest copy of a folder ends; undefined where nothing is noted of one. */
export const lastCopied = (folder: string): number | undefined => notedOf(path.join(copiesIn(folder), LAST))?.seq;

/** Moves the copy of a day out of the way of another of that day. */
function hold(copies: string, day: string, seq: number): void {
  const name = (n: number) => path.join(copies, `${day}.held-${seq}${n === 1 ? '' : `-${n}`}.zip`);
  let n = 1;
  while (existsSync(name(n))) n += 1;
  renameSync(path.join(copies, `${day}.zip`), name(n));
}

/**
 * Makes the copy of a day, unless nothing was written since the last; lets those go that are too old. A copy of the day that ends later or
 * holds more is kept beside it. Answers whether one was made.
 */
export function keepCopy(folder: string, seq: number, now: Date): boolean {
  const copies = copiesIn(folder);
  const file = path.join(copies, LAST);
  const noted = notedOf(file);
  if (seq === 0 || noted?.seq === seq) return false;
  makeFolder(copies);
  removeParts(copies);
  const day = now.toISOString().slice(0, 10);
  const pictures = picturesOf(folder).length;
  // of a copy that nothing is noted of it is not known that this one holds as much
  const holdsLess = !noted || noted.seq > seq || noted.pictures > pictures;
  if (holdsLess && existsSync(path.join(copies, `${day}.zip`))) hold(copies, day, noted?.seq ?? 0);
  const last = backUp(folder, path.join(copies, `${day}.zip`));
  writeDurably(file, JSON.stringify({ seq: last, pictures }));
  const kept = keptDays(listCopies(folder));
  for (const name of allCopies(folder)) if (!kept.includes(name.slice(0, 10))) rmSync(path.join(copies, name), { force: true });
  return true;
}
