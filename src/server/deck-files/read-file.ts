import Papa from 'papaparse';
import { readCgats } from '@/core/formats/deck/cgats';
import {
  deckBaseSchema,
  deckColourSchema,
  deckSchema,
  MOST_PROBLEMS,
  MOST_ROWS,
  nothingOf,
  someProblems,
  TOO_MANY_ROWS,
  type ReadDecks,
} from '@/core/formats/deck/deck';
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

const nothing = (reason: string): ReadDecks => nothingOf(0, reason);

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
  const { bases, colours } = (typeof value === 'object' && value !== null ? value : {}) as { bases?: unknown; colours?: unknown };
  if (Array.isArray(colours) && colours.length > MOST_ROWS) return nothing(TOO_MANY_ROWS);
  const problems = someProblems();
  // entry by entry, and no further than what is told: a schema that is asked about all of them says millions of things
  const told = (list: string, all: unknown, schema: typeof deckBaseSchema | typeof deckColourSchema) => {
    for (const [i, one] of (Array.isArray(all) ? (all as unknown[]) : []).entries()) {
      if (problems.count() >= MOST_PROBLEMS) return;
      for (const issue of schema.safeParse(one).error?.issues ?? [])
        problems.add({ line: 0, reason: `${whereIn(value, [list, i, ...issue.path])}: ${issue.message}` });
    }
  };
  told('bases', bases, deckBaseSchema);
  told('colours', colours, deckColourSchema);
  const shell = deckSchema.safeParse({ ...(value as object), ...(problems.count() > 0 ? { bases: [], colours: [] } : {}) });
  for (const issue of shell.error?.issues ?? [])
    problems.add({ line: 0, reason: `${whereIn(value, issue.path)}: ${issue.message}` });
  if (shell.success && problems.count() === 0) return { decks: [shell.data], problems: [], problemCount: 0, notes: [] };
  return { decks: [], notes: [], problems: problems.list(), problemCount: problems.count() };
}

/** An apostrophe put before a cell so that no spreadsheet runs it is taken off again. */
const unescaped = (cell: string) => (/^'\s*[=+\-@\t\r＝＋－＠]/.test(cell) ? cell.slice(1) : cell);

/** Lines of a table that are read: what may be in it, its head, and as many empty ones; one more row says that there are too many. */
const MOST_LINES = 2 * MOST_ROWS + 2;

function readCsv(text: string, defaults: Defaults): ReadDecks {
  const parsed = Papa.parse<string[]>(text, { skipEmptyLines: false, delimitersToGuess: [',', ';', '\t'], preview: MOST_LINES });
  const rows = parsed.data
    .map((cells, i) => ({ line: i + 1, cells: cells.map(unescaped) }))
    .filter((r) => r.cells.some((c) => c.trim() !== ''));
  const [header, ...body] = rows;
  if (!header) return nothing('the file is empty');
  const read = readDeckTable(header, body, defaults);
  const note =
    parsed.meta.delimiter === ',' ? [] : [`Columns are parted by ${parsed.meta.delimiter === ';' ? 'semicolons' : 'tabs'}.`];
  const broken = parsed.errors.filter((e) => e.type === 'Quotes');
  const problems = someProblems();
  for (const e of broken) problems.add({ line: (e.row ?? 0) + 1, reason: `a quotation mark is not closed (${e.message})` });
  for (const problem of read.problems) problems.add(problem);
  return {
    ...read,
    problems: problems.list(),
    problemCount: broken.length + read.problemCount,
    notes: [...note, ...read.notes],
  };
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
