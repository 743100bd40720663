import { readDeckTable, type Defaults, type TableRow } from './table';
import { deckTable } from './write-table';
import { MOST_ROWS, nothingOf, someProblems, TOO_MANY_ROWS, type Deck, type ReadDecks } from './deck';

/** CGATS.17 field names of the table's columns (ISO 28178); those the standard does not know are declared by KEYWORD. */
const FIELDS = {
  code: 'SAMPLE_ID',
  name: 'SAMPLE_NAME',
  L: 'LAB_L',
  a: 'LAB_A',
  b: 'LAB_B',
  kind: 'KIND',
  maker: 'MAKER',
  maker_name: 'MAKER_NAME',
  tint_system: 'TINT_SYSTEM',
  strip: 'STRIP',
  step: 'STEP',
  base: 'BASE',
  formula: 'FORMULA',
  hex: 'HEX',
} as const;
const OWN = ['KIND', 'MAKER', 'MAKER_NAME', 'TINT_SYSTEM', 'STRIP', 'STEP', 'BASE', 'FORMULA', 'HEX'];
const SPECTRAL = /^(?:SPECTRAL_)?NM_?(\d{3,4})$/;

const fieldOf = (column: string) => (column in FIELDS ? FIELDS[column as keyof typeof FIELDS] : `SPECTRAL_NM${column}`);
const columnOf = (field: string) =>
  Object.entries(FIELDS).find(([, f]) => f === field)?.[0] ?? SPECTRAL.exec(field)?.[1] ?? field;

const quoted = (cell: string | number) => (typeof cell === 'number' ? String(cell) : `"${cell.replaceAll('"', "'")}"`);

/** A deck as CGATS.17 text (ISO 28178): Lab is D65, 10°. Double quotes in names become single ones: the format has no escape for them. */
export function writeCgats(deck: Deck): string {
  const { columns, rows } = deckTable(deck);
  return [
    'CGATS.17',
    '',
    'ORIGINATOR "Elm Swatch"',
    `DESCRIPTOR ${quoted(deck.about)}`,
    'WEIGHTING_FUNCTION "ILLUMINANT, D65"',
    'WEIGHTING_FUNCTION "OBSERVER, 10 degree"',
    ...OWN.map((k) => `KEYWORD "${k}"`),
    `NUMBER_OF_FIELDS ${columns.length}`,
    'BEGIN_DATA_FORMAT',
    columns.map(fieldOf).join('\t'),
    'END_DATA_FORMAT',
    `NUMBER_OF_SETS ${rows.length}`,
    'BEGIN_DATA',
    ...rows.map((row) => row.map(quoted).join('\t')),
    'END_DATA',
    '',
  ].join('\n');
}

/** Words of a line; text in double quotes is one word. A # outside quotes begins a remark. */
function wordsOf(line: string): string[] {
  const words: string[] = [];
  for (const [, text, word] of line.matchAll(/"([^"]*)"|(#.*$|[^\s"]+)/g)) {
    if (word?.startsWith('#')) break;
    words.push(text ?? word!);
  }
  return words;
}

type Place = 'head' | 'format' | 'data' | 'after';
/** Lines that begin or end a part of the file, and the part that follows them. */
const TURNS: Readonly<Record<string, Place>> = {
  BEGIN_DATA_FORMAT: 'format',
  END_DATA_FORMAT: 'head',
  BEGIN_DATA: 'data',
  END_DATA: 'after',
};

/** The parts of a CGATS file; `closed` when its data end as they should. */
function sectionsOf(lines: readonly string[]) {
  let inside: Place = 'head';
  const fields: TableRow[] = [];
  const sets: TableRow[] = [];
  const head = new Map<string, string>();
  lines.forEach((text, i) => {
    if (sets.length > MOST_ROWS) return;
    const words = wordsOf(text);
    const [first] = words;
    if (first === undefined) return;
    if (Object.hasOwn(TURNS, first)) inside = TURNS[first]!;
    else if (inside === 'format') fields.push({ line: i + 1, cells: words });
    else if (inside === 'data') sets.push({ line: i + 1, cells: words });
    else if (inside === 'head' && words[1] !== undefined) head.set(first, words[1]);
  });
  const declared = head.get('NUMBER_OF_SETS');
  return {
    fields: fields[0] && { line: fields[0].line, cells: fields.flatMap((f) => f.cells) },
    sets,
    declared: declared === undefined ? undefined : Number(declared),
    about: head.get('DESCRIPTOR'),
    closed: (inside as Place) === 'after',
  };
}

/** Reads CGATS.17 text with spectra or Lab. A broken header is answered by what is missing; rows by line and reason. */
export function readCgats(text: string, defaults: Defaults): ReadDecks {
  const lines = text.split(/\r\n|\r|\n/);
  if (!/^CGATS/.test(lines[0] ?? '')) return nothingOf(1, 'the first line does not begin with CGATS');
  const { fields, sets, declared, about, closed } = sectionsOf(lines);
  if (sets.length > MOST_ROWS) return nothingOf(0, TOO_MANY_ROWS);
  if (!fields) return nothingOf(0, 'there is no list of fields between BEGIN_DATA_FORMAT and END_DATA_FORMAT');
  const header: TableRow = { line: fields.line, cells: fields.cells.map(columnOf) };
  const short = sets.filter((s) => s.cells.length !== header.cells.length);
  const whole = sets.filter((s) => s.cells.length === header.cells.length);
  const read = readDeckTable(header, whole, { ...defaults, about: about ?? defaults.about });
  const odd = short.map((s) => ({
    line: s.line,
    reason: `it has ${s.cells.length} values, the format lists ${header.cells.length}`,
  }));
  const counts = [
    ...(closed ? [] : [{ line: lines.length, reason: 'the data do not end with END_DATA: the file may be cut off' }]),
    ...(declared !== undefined && declared !== sets.length
      ? [{ line: 0, reason: `NUMBER_OF_SETS says ${declared}, there are ${sets.length}` }]
      : []),
  ];
  const problems = someProblems();
  for (const problem of [...counts, ...read.problems, ...odd]) problems.add(problem);
  return { ...read, problems: problems.list(), problemCount: counts.length + odd.length + read.problemCount };
}
