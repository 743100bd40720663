import { existsSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { crc32 } from 'node:zlib';
import { z } from 'zod';
import { syncFile, syncFolder, writeDurably } from './durable';

/** Every file of a folder, relative to it, in a fixed order. */
export function filesOf(folder: string, at = ''): string[] {
  return readdirSync(path.join(folder, at), { withFileTypes: true })
    .sort((a, b) => (a.name < b.name ? -1 : 1))
    .flatMap((e) => (e.isDirectory() ? filesOf(folder, path.join(at, e.name)) : [path.join(at, e.name)]));
}

const foldersOf = (folder: string): string[] => [
  folder,
  ...readdirSync(folder, { withFileTypes: true })
    .filter((e) => e.isDirectory())
    .flatMap((e) => foldersOf(path.join(folder, e.name))),
];

const sealSchema = z.strictObject({
  v: z.literal(1),
  /** Place in the journal of the last line the database holds. */
  seq: z.int().min(0),
  /** Of the journal's last line it holds, so that it is known to be of this journal; only of one that is kept beside. */
  mark: z.string().optional(),
  files: z.record(z.string(), z.tuple([z.int(), z.int()])),
});

const fileOf = (database: string) => `${database}.seal`;
const printOf = (bytes: Uint8Array): [length: number, crc: number] => [bytes.length, crc32(bytes)];

/**
 * Seals a database that was closed: forces every file of it to the disk and notes the length and CRC of each beside it. Only a sealed
 * database is opened again as it is; any other is made anew from the journal.
 */
export function sealDatabase(database: string, seq: number, mark?: string): void {
  const files: Record<string, [number, number]> = {};
  for (const name of filesOf(database)) {
    syncFile(path.join(database, name));
    files[name] = printOf(readFileSync(path.join(database, name)));
  }
  for (const folder of foldersOf(database)) syncFolder(folder);
  const body = JSON.stringify({ v: 1, seq, ...(mark === undefined ? {} : { mark }), files } satisfies z.infer<typeof sealSchema>);
  writeDurably(fileOf(database), `${crc32(body)} ${body}`);
}

/** Takes the seal off, on the disk, before the database is opened. */
export function unseal(database: string): void {
  if (!existsSync(fileOf(database))) return;
  rmSync(fileOf(database));
  syncFolder(path.dirname(database));
}

export type SealState =
  /** There is no database. */
  | { readonly kind: 'none' }
  /** It was not closed as it should be: the power went, or the process was ended. */
  | { readonly kind: 'open' }
  | { readonly kind: 'whole'; readonly seq: number; readonly mark: string | undefined }
  /** It is not as it was closed; `seq` of when it was, where its seal can be read. */
  | { readonly kind: 'damaged'; readonly why: string; readonly seq?: number };

function readSeal(database: string): z.infer<typeof sealSchema> | undefined {
  const text = readFileSync(fileOf(database), 'utf8');
  const space = text.indexOf(' ');
  const body = text.slice(space + 1);
  if (Number(text.slice(0, space)) !== crc32(body)) return undefined;
  const parsed = sealSchema.safeParse(JSON.parse(body));
  return parsed.success ? parsed.data : undefined;
}

/** Whether a database is byte for byte as it was when it was closed last. */
export function checkSeal(database: string): SealState {
  const there = existsSync(database) && readdirSync(database).length > 0;
  if (!existsSync(fileOf(database))) return there ? { kind: 'open' } : { kind: 'none' };
  const seal = readSeal(database);
  if (!there) return { kind: 'damaged', why: 'its files are gone', ...(seal ? { seq: seal.seq } : {}) };
  if (!seal) return { kind: 'damaged', why: 'its seal cannot be read' };
  const names = filesOf(database);
  const missing = Object.keys(seal.files).find((name) => !names.includes(name));
  if (missing !== undefined) return { kind: 'damaged', why: `${missing} is missing`, seq: seal.seq };
  for (const name of names) {
    const noted = seal.files[name];
    const [length, crc] = printOf(readFileSync(path.join(database, name)));
    if (noted?.[0] !== length || noted[1] !== crc)
      return { kind: 'damaged', why: `${name} is not as it was written`, seq: seal.seq };
  }
  return { kind: 'whole', seq: seal.seq, mark: seal.mark };
}
