import { crc32 } from 'node:zlib';
import type { Operation } from '@/core/operations/operations';
import { parsedJson } from '@/core/base/parsed-json';

/** The newest lines there are: 2 brings pictures in with operations. */
export const LINE_VERSION = 2;

/** What a line of the journal says happened. */
export type Entry =
  | { readonly kind: 'operation'; readonly visitId: string | null; readonly operation: Operation }
  /** Operations of one visit that came in together, all of them or none: each has a place, beginning with that of the line. */
  | {
      readonly kind: 'operations';
      readonly visitId: string;
      readonly operations: readonly Operation[];
      /** Pictures that came in with them, whose files are kept already. */
      readonly pictures?: readonly KeptPicture[];
    }
  /** The decks that ship with the product came in, or came in anew: everything of them, so that doing it again looks nothing up. */
  | { readonly kind: 'shipped'; readonly version: string; readonly tint: unknown; readonly decks: readonly unknown[] }
  /** A picture was kept under the hash of the file it was handed in as; `sha256` is of the JPEG that is kept. */
  | ({ readonly kind: 'picture' } & KeptPicture)
  /** Pictures that no photograph names were let go. */
  | { readonly kind: 'forget'; readonly hashes: readonly string[] }
  /**
   * Rows of a table as they stood when the journal was begun in a folder that had none; `migrations` of the database they stood in. They
   * stand first.
   */
  | { readonly kind: 'rows'; readonly table: string; readonly migrations: readonly string[]; readonly rows: readonly unknown[] };
type KeptPicture = {
  readonly hash: string;
  readonly sha256: string;
  readonly keptAt: string;
  readonly width: number;
  readonly height: number;
};

export type Line = { readonly seq: number; readonly v: number; readonly entry: Entry };

/** How many places in the journal an entry takes. */
export const spanOf = (entry: Entry): number => (entry.kind === 'operations' ? Math.max(1, entry.operations.length) : 1);

const HEAD = /^\{"crc":"([0-9a-f]{8})",("seq":(\d+),"v":(\d+),"kind":"(\w+)",(?:"span":(\d+),)?.*\})$/s;

const hex = (crc: number) => crc.toString(16).padStart(8, '0');

/** A line with its newline: JSON, its first member the CRC-32 (as zip has it) of all that follows that member, as UTF-8. */
export function writeLine(seq: number, { kind, ...rest }: Entry): string {
  const span = kind === 'operations' ? `"span":${spanOf({ kind, ...rest } as Entry)},` : '';
  const v = 'pictures' in rest && rest.pictures !== undefined ? 2 : 1;
  const tail = `"seq":${seq},"v":${v},"kind":"${kind}",${span}${JSON.stringify(rest).slice(1)}`;
  return `{"crc":"${hex(crc32(tail))}",${tail}\n`;
}

export type LineHead = { readonly seq: number; readonly v: number; readonly kind: string; readonly span: number };
/** What can be told of a line without reading it as JSON; undefined when its bytes are not those that were written. */
export function headOf(text: string): LineHead | undefined {
  const [, crc, tail, seq, v, kind = '', span = '1'] = HEAD.exec(text) ?? [];
  if (tail === undefined || hex(crc32(tail)) !== crc) return undefined;
  return { seq: Number(seq), v: Number(v), kind, span: Number(span) };
}

/** A line whose head was good, read. */
export function readLine(text: string): Line | undefined {
  const value = parsedJson(text) as Record<string, unknown> | undefined;
  if (!value) return undefined;
  const { crc: _, seq, v, span: __, ...entry } = value;
  return { seq: seq as number, v: v as number, entry: entry as unknown as Entry };
}
