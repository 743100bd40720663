import { z } from 'zod';
import { productLinesSchema } from '../../paint/product-lines';
import { BASE_KINDS, type BaseKind } from '../../paint/tint-system';
import { labSchema, spectrumSchema } from '../../colour/colour-schema';
import { nameSchema, textSchema } from '../../base/fields';

export const codeSchema = textSchema(40).trim().min(1, 'a code is missing');
const amounts = z.record(textSchema(40).min(1), z.number().positive().max(1000));

const colourOf = {
  lab: labSchema.optional(),
  hex: z
    .string()
    .regex(/^#[0-9a-f]{6}$/, 'a hex is # and six digits from 0 to 9 and a to f, such as #e7ded3')
    .optional(),
  spectrum: spectrumSchema.optional(),
};

/** A maker's untinted paint: at least one of Lab (D65, 10°), hex or spectrum. */
export const deckBaseSchema = z.strictObject({ id: codeSchema, kind: z.enum(BASE_KINDS), name: nameSchema, ...colourOf });

/** One colour; its spectrum, when there is one, is what counts, then Lab, then hex. `formula` is in millilitres per litre of base. */
export const deckColourSchema = z.strictObject({
  code: codeSchema,
  name: nameSchema,
  strip: textSchema(80),
  step: z.int().min(1).max(50),
  base: codeSchema.optional(),
  ...colourOf,
  formula: amounts.optional(),
  /** As its maker prints it, 0–100; kept beside what is computed. */
  lrv: z.number().min(0).max(100).optional(),
});

/** Most makers in one file, most rows, and most things that are told to be wrong with it. Own choice. */
export const MOST_MAKERS = 50;
export const MOST_ROWS = 20_000;
export const MOST_PROBLEMS = 200;
export const TOO_MANY_ROWS = `it has more than ${MOST_ROWS.toLocaleString('en-GB')} rows: part it into several files`;

/** A deck of one maker. Version 1; its JSON Schema is docs/schemas/deck.json. */
export const deckSchema = z.strictObject({
  format: z.literal('elm-swatch/deck'),
  version: z.literal(1),
  about: textSchema(500),
  maker: z.strictObject({ id: codeSchema, name: nameSchema }),
  /** What its products are called on the tin; left out where nobody said. */
  products: productLinesSchema.optional(),
  tintSystem: codeSchema.optional(),
  bases: z.array(deckBaseSchema).max(20),
  colours: z.array(deckColourSchema).max(MOST_ROWS),
});
export type Deck = z.infer<typeof deckSchema>;
export type DeckBase = Deck['bases'][number];
export type DeckEntry = Deck['colours'][number];

/** What is wrong with one line of a file, in words; line 0 is the file as a whole. */
export type Problem = { readonly line: number; readonly reason: string };
/** Where a row of a table stood, by {@link rowKey}; files without lines have none. */
export type RowLines = ReadonlyMap<string, number>;
export const rowKey = (maker: string, kind: 'colour' | 'base', code: string): string => `${maker}\0${kind}\0${code}`;

/**
 * What is wrong with a file, the first of it kept and all of it counted, so that a file of millions of bad rows costs no more than a
 * short one.
 */
export type Problems = {
  readonly add: (problem: Problem) => void;
  readonly list: () => readonly Problem[];
  readonly count: () => number;
};
export function someProblems(): Problems {
  const kept: Problem[] = [];
  let count = 0;
  return {
    add(problem) {
      count += 1;
      if (kept.length < MOST_PROBLEMS) kept.push(problem);
    },
    list: () => [...kept].sort((p, q) => p.line - q.line),
    count: () => count,
  };
}

export type ReadDecks = {
  readonly lines?: RowLines;
  readonly decks: readonly Deck[];
  /** The first of what is wrong, at most {@link MOST_PROBLEMS}. */
  readonly problems: readonly Problem[];
  /** How much is wrong in all. */
  readonly problemCount: number;
  readonly notes: readonly string[];
};
/** A file that nothing can be taken of, and why. */
export const nothingOf = (line: number, reason: string): ReadDecks => ({
  decks: [],
  problems: [{ line, reason }],
  problemCount: 1,
  notes: [],
});

export const isBaseKind = (text: string): text is BaseKind => (BASE_KINDS as readonly string[]).includes(text);

/** "ochre 1.46; lampblack 0.14", millilitres per litre. */
export const formulaText = (formula: DeckEntry['formula']): string =>
  Object.entries(formula ?? {})
    .map(([id, ml]) => `${id} ${ml}`)
    .join('; ');
