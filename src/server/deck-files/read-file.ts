import Papa from 'papaparse';
import { readCgats } from '@/core/formats/deck/cgats';
import { deckSchema, type ReadDecks } from '@/core/formats/deck/deck';
import { readDeckTable, type Defaults } from '@/core/formats/deck/table';

/** Largest deck file taken, in bytes. */
export const MOST_BYTES = 32 * 1024 * 1024;

export type Decoded = { readonly text: string; readonly encoding: string };

/** Text of a file: UTF-8 or UTF-16 by their marks, UTF-8 when it is valid, otherwise Windows-1252, which any bytes are. */
export function decode(bytes: Uint8Array): Decoded {
  const mark = (...wanted: number[]) => wanted.every((b, i) => bytes[i] === b);
  if (mark(0xff, 0xfe)) return { text: new TextDecoder('utf-16le').decode(bytes), encoding: 'UTF-16' };
  if (mark(0xfe, 0xff)) return { text: new TextDecoder('utf-16be').decode(bytes), encoding: 'UTF-16' };
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), encoding: 'UTF-8' };
  } catch {
    return { text: new TextDecoder('windows-1252').decode(bytes), encoding: 'Windows-1252' };
  }
}

const nothing = (reason: string): ReadDecks => ({ decks: [], problems: [{ line: 0, reason }], notes: [] });

/** Problems of one file that are told. */
const MOST_TOLD = 50;

/** Where in a deck something is wrong, as a person finds it: "colour 4 (FR 3122), lab". */
function whereIn(deck: unknown, path: readonly PropertyKey[]): string {
  const [list, index, ...rest] = path;
  const kinds: Readonly<Record<string, string>> = { colours: 'colour', bases: 'base' };
  const kind = kinds[String(list)];
  if (kind === undefined || typeof index !== 'number') return path.length === 0 ? 'the file' : path.join(', ');
  const one = (deck as Record<string, readonly { code?: unknown; id?: unknown }[]>)[String(list)]?.[index];
  const name = one?.code ?? one?.id;
  const called = typeof name === 'string' ? ` (${name.slice(0, 40)})` : '';
  return [`${kind} ${index + 1}${called}`, ...rest.map(String)].join(', ');
}

function readJson(text: string): ReadDecks {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch (error) {
    return nothing(`the file is no JSON: ${(error as Error).message}`);
  }
  const parsed = deckSchema.safeParse(value);
  if (parsed.success) return { decks: [parsed.data], problems: [], notes: [] };
  return {
    decks: [],
    notes: [],
    problems: parsed.error.issues
      .slice(0, MOST_TOLD)
      .map((issue) => ({ line: 0, reason: `${whereIn(value, issue.path)}: ${issue.message}` })),
  };
}

/** An apostrophe put before a cell so that no spreadsheet runs it is taken off again. */
const unescaped = (cell: string) => (/^'\s*[=+\-@\t\r＝＋－＠]/.test(cell) ? cell.slice(1) : cell);

function readCsv(text: string, defaults: Defaults): ReadDecks {
  const parsed = Papa.parse<string[]>(text, { skipEmptyLines: false, delimitersToGuess: [',', ';', '\t'] });
  const rows = parsed.data
    .map((cells, i) => ({ line: i + 1, cells: cells.map(unescaped) }))
    .filter((r) => r.cells.some((c) => c.trim() !== ''));
  const [header, ...body] = rows;
  if (!header) return nothing('the file is empty');
  const read = readDeckTable(header, body, defaults);
  const note =
    parsed.meta.delimiter === ',' ? [] : [`Columns are parted by ${parsed.meta.delimiter === ';' ? 'semicolons' : 'tabs'}.`];
  const broken = parsed.errors
    .filter((e) => e.type === 'Quotes')
    .map((e) => ({ line: (e.row ?? 0) + 1, reason: `a quotation mark is not closed (${e.message})` }));
  return { ...read, problems: [...broken, ...read.problems], notes: [...note, ...read.notes] };
}

/** Reads a deck file by what is in it: JSON, CGATS.17 or CSV. `name` stands in for what the file does not say. */
export function readDeckFile(bytes: Uint8Array, name: string): ReadDecks {
  const { text, encoding } = decode(bytes);
  const plain = text.replace(/^\uFEFF/, '');
  const stem =
    name
      .replace(/\.[^.]*$/, '')
      .replace(/[^\p{L}\p{N} _-]/gu, '')
      .trim()
      .slice(0, 30) || 'Imported';
  const defaults = { maker: stem, about: `Read from ${name}`.slice(0, 200) };
  const begins = plain.trimStart();
  const read = begins.startsWith('{')
    ? readJson(plain)
    : begins.startsWith('CGATS')
      ? readCgats(plain.trimStart(), defaults)
      : readCsv(plain, defaults);
  return encoding === 'UTF-8' ? read : { ...read, notes: [`Read as ${encoding}.`, ...read.notes] };
}
