import { typedNumber } from '../../units/length';
import {
  deckBaseSchema,
  deckColourSchema,
  isBaseKind,
  type Deck,
  type DeckBase,
  type DeckEntry,
  type ReadDecks,
  MOST_ROWS,
  nothingOf,
  rowKey,
  someProblems,
  TOO_MANY_ROWS,
} from './deck';

/** Columns of a deck table besides the spectral ones, which are named by their wavelength in nanometres. Required: code and a colour. */
// prettier-ignore
export const DECK_COLUMNS = [
  'kind', 'maker', 'maker_name', 'tint_system', 'code', 'name', 'strip', 'step', 'base', 'formula', 'L', 'a', 'b', 'hex', 'lrv',
] as const;
type Column = (typeof DECK_COLUMNS)[number];

/** Other words for the columns, as makers and instruments head them; small letters and figures only. */
const COLUMN_WORDS: Readonly<Record<string, Column>> = {
  ...Object.fromEntries(DECK_COLUMNS.map((column) => [bare(column), column])),
  ...{ manufacturer: 'maker', brand: 'maker', colourcode: 'code', colorcode: 'code', number: 'code', colournumber: 'code' },
  ...{ colornumber: 'code', colourname: 'name', colorname: 'name', lstar: 'L', labl: 'L', cielabl: 'L' },
  ...{ astar: 'a', laba: 'a', cielaba: 'a', bstar: 'b', labb: 'b', cielabb: 'b', hexcode: 'hex', hexvalue: 'hex' },
  ...{ lightreflectancevalue: 'lrv' },
};
/** A heading without case, blanks and marks: "L*" and "lab_l" are "l" and "labl". */
function bare(heading: string): string {
  return heading.toLowerCase().replace(/[^a-z0-9]/g, '');
}
/** The column a heading names, whatever its case and marks: `Code`, `L*`, `Colour name`; undefined for one that is not read. */
const columnOf = (heading: string): Column | undefined => COLUMN_WORDS[bare(heading)];

export type TableRow = { readonly line: number; readonly cells: readonly string[] };
type Cells = Readonly<Partial<Record<Column, string>>> & { readonly spectral: readonly (readonly [nm: number, text: string])[] };

/** What a file is taken for where it does not say: who made it and where its colours come from. */
export type Defaults = { readonly maker: string; readonly about: string };

class Wrong extends Error {}
const wrong = (reason: string): never => {
  throw new Wrong(reason);
};

const number = (text: string, what: string): number => {
  const value = typedNumber(text);
  return Number.isFinite(value) ? value : wrong(`${what} is “${text.slice(0, 20)}”, not a number`);
};

function spectrumOf({ spectral }: Cells): DeckBase['spectrum'] {
  const given = spectral.filter(([, text]) => text !== '');
  if (given.length === 0) return undefined;
  const missing = spectral.find(([, text]) => text === '');
  if (missing) return wrong(`its spectrum has a gap at ${missing[0]} nm`);
  const step = spectral[1]![0] - spectral[0]![0];
  const values = spectral.map(([nm, text]) => {
    const value = number(text, `the reflectance at ${nm} nm`);
    if (value < 0 || value > 1)
      return wrong(`the reflectance ${value} at ${nm} nm lies outside 0–1${value > 1.5 ? ' (is it in percent?)' : ''}`);
    return value;
  });
  return { start: spectral[0]![0], step, values };
}

function labOf({ L = '', a = '', b = '' }: Cells): DeckBase['lab'] {
  if (L === '' && a === '' && b === '') return undefined;
  return { l: number(L, 'L*'), a: number(a, 'a*'), b: number(b, 'b*') };
}

function formulaOf(text: string | undefined): DeckEntry['formula'] {
  if (!text) return undefined;
  return Object.fromEntries(
    text.split(';').map((part) => {
      const [, id, amount] =
        /^\s*(\S+)\s+(\S+)\s*$/.exec(part) ?? wrong(`the formula part “${part.trim().slice(0, 30)}” is not “colourant amount”`);
      return [id!, number(amount!, `the amount of ${id}`)];
    }),
  );
}

function hexOf(text: string | undefined): string | undefined {
  if (!text) return undefined;
  const digits = text.replace(/^#/, '');
  if (!/^[0-9a-f]{6}$/i.test(digits))
    wrong(`its hex is “${text.slice(0, 20)}”, not six digits from 0 to 9 and A to F, such as #E7DED3`);
  return `#${digits.toLowerCase()}`;
}

function lrvOf(text: string | undefined): number | undefined {
  if (!text) return undefined;
  const value = number(text.replace(/\s*%$/, ''), 'the LRV');
  return value >= 0 && value <= 100 ? value : wrong(`its LRV is ${value}, outside 0 to 100`);
}

/** Only the fields that are there. */
const present = <T extends object>(fields: T) => Object.fromEntries(Object.entries(fields).filter(([, v]) => v !== undefined));

const colourFields = (cells: Cells) => ({ lab: labOf(cells), hex: hexOf(cells.hex), spectrum: spectrumOf(cells) });

function readBase(cells: Cells): DeckBase {
  const kind = cells.base ?? '';
  if (!isBaseKind(kind)) return wrong(`a base is white, pastel, deep or clear, not “${kind.slice(0, 20)}”`);
  return deckBaseSchema.parse(present({ id: cells.code, kind, name: cells.name || `${kind} base`, ...colourFields(cells) }));
}

function readColour(cells: Cells): DeckEntry {
  return deckColourSchema.parse(
    present({
      code: cells.code,
      name: cells.name || cells.code,
      strip: cells.strip ?? '',
      step: cells.step ? number(cells.step, 'the step') : 1,
      base: cells.base || undefined,
      ...colourFields(cells),
      formula: formulaOf(cells.formula),
      lrv: lrvOf(cells.lrv),
    }),
  );
}

/** The first thing a schema or a check has against a row, in words. */
function reasonOf(error: unknown): string {
  if (error instanceof Wrong) return error.message;
  if (typeof error === 'object' && error !== null && 'issues' in error) {
    const [issue] = error.issues as { path: PropertyKey[]; message: string }[];
    return `${issue!.path.map(String).join('.')}: ${issue!.message}`;
  }
  throw error;
}

type Found = { -readonly [K in keyof Deck]: Deck[K] };

/** Spectral columns must be evenly spaced and ascend; answers why not. */
function spectralProblem(wavelengths: readonly number[]): string | undefined {
  if (wavelengths.length === 0) return undefined;
  if (wavelengths.length < 3) return 'a spectrum needs at least three wavelengths';
  const step = wavelengths[1]! - wavelengths[0]!;
  const even = step > 0 && wavelengths.every((nm, i) => i === 0 || Math.abs(nm - wavelengths[i - 1]! - step) < 1e-9);
  return even ? undefined : 'the wavelengths of the spectral columns do not go up in even steps';
}

/** Where two headings mean one column, both. */
function named(names: readonly string[], columns: readonly (Column | undefined)[], twice: Column): string {
  const headings = names.filter((_, i) => columns[i] === twice);
  return new Set(headings).size > 1 ? `: ${headings.map((n) => `“${n}”`).join(' and ')}` : '';
}

/** Reads a table of colours and bases, whatever file it came from. Every row that cannot be read is named with its line and the reason. */
export function readDeckTable(header: TableRow, rows: readonly TableRow[], defaults: Defaults): ReadDecks {
  const names = header.cells.map((c) => c.trim());
  const columns = names.map(columnOf);
  const known = columns.filter((c) => c !== undefined);
  const twice = known.find((c, i) => known.indexOf(c) !== i);
  const wavelengths = names.filter((n) => /^\d{3,4}$/.test(n)).map(Number);
  const against =
    (!known.includes('code') && 'there is no column “code”') ||
    (twice && `the column “${twice}” stands twice${named(names, columns, twice)}`) ||
    spectralProblem(wavelengths);
  if (against) return nothingOf(header.line, against);
  if (rows.length > MOST_ROWS) return nothingOf(0, TOO_MANY_ROWS);

  const decks = new Map<string, Found>();
  const seen = new Map<string, number>();
  const problems = someProblems();
  for (const { line, cells } of rows) {
    try {
      const named = Object.fromEntries(
        columns.flatMap((column, i) => (column === undefined ? [] : [[column, (cells[i] ?? '').trim()] as const])),
      ) as Partial<Record<Column, string>>;
      const spectral = wavelengths.map((nm) => [nm, (cells[names.indexOf(String(nm))] ?? '').trim()] as const);
      if (cells.length > names.length) wrong(`it has ${cells.length} cells, the head has ${names.length}`);
      takeRow(decks, seen, { ...named, spectral }, { line, defaults });
    } catch (error) {
      problems.add({ line, reason: reasonOf(error) });
    }
  }
  const ignored = names.filter((n, i) => n !== '' && columns[i] === undefined && !/^\d{3,4}$/.test(n));
  const notes = ignored.length > 0 ? [`Columns not used: ${ignored.join(', ')}.`] : [];
  return { decks: [...decks.values()], problems: problems.list(), problemCount: problems.count(), notes, lines: seen };
}

type Place = { readonly line: number; readonly defaults: Defaults };

function takeRow(decks: Map<string, Found>, seen: Map<string, number>, cells: Cells, { line, defaults }: Place): void {
  const maker = cells.maker || defaults.maker;
  const kind = cells.kind || 'colour';
  if (kind !== 'colour' && kind !== 'base') wrong(`its kind is “${kind.slice(0, 20)}”, neither colour nor base`);
  const key = rowKey(maker, kind === 'base' ? 'base' : 'colour', cells.code ?? '');
  const before = seen.get(key);
  if (before !== undefined) wrong(`the code ${cells.code} stands already in line ${before}`);
  const deck = decks.get(maker) ?? {
    format: 'elm-swatch/deck',
    version: 1,
    about: defaults.about,
    maker: { id: maker, name: cells.maker_name || maker },
    ...(cells.tint_system ? { tintSystem: cells.tint_system } : {}),
    bases: [],
    colours: [],
  };
  if (kind === 'base') deck.bases.push(readBase(cells));
  else deck.colours.push(readColour(cells));
  decks.set(maker, deck);
  seen.set(key, line);
}
