import { wrongInDeck, wrongWith, type Around } from '@/core/formats/deck/check';
import {
  MOST_MAKERS,
  rowKey,
  someProblems,
  type Deck,
  type DeckBase,
  type DeckEntry,
  type Problem,
  type ReadDecks,
} from '@/core/formats/deck/deck';
import { listBases, listBasesOfMaker, listCodes, listTintSystems } from '@/data/decks';
import type { Sql } from '@/data/sql';

export type Preview = {
  /** What would be taken: checked decks. */
  readonly decks: readonly Deck[];
  /** The first of what is wrong, and how much is in all. */
  readonly problems: readonly Problem[];
  readonly problemCount: number;
  readonly notes: readonly string[];
};
export type Progress = (done: number, total: number) => Promise<void>;

/** Colours checked between two reports of progress; about 60 ms of work. */
const BATCH = 150;

export type Known = Around & {
  readonly codes: ReadonlySet<string>;
  /** Ids of the file's bases that another maker has. */
  readonly foreign: ReadonlySet<string>;
};

/** What is here already of a deck that is looked at; asked for each deck of a file. */
export type AskKnown = (asked: Asked) => Promise<Known>;
export type Asked = { readonly makerId: string; readonly baseIds: readonly string[]; readonly tintSystem: string | undefined };

/** What the database has of a deck's maker. */
export async function knownOf(sql: Sql, { makerId, baseIds, tintSystem }: Asked): Promise<Known> {
  const named = await listBases(sql, baseIds);
  const systems = await listTintSystems(sql);
  return {
    codes: new Set(await listCodes(sql, makerId)),
    bases: new Set((await listBasesOfMaker(sql, makerId)).map((b) => b.id)),
    foreign: new Set(named.filter((b) => b.makerId !== makerId).map((b) => b.id)),
    colourants: systems.find((t) => t.id === tintSystem)?.colourants.map((c) => c.id) ?? [],
  };
}

function reasonAgainst(deck: Deck, entry: DeckEntry, known: Known): string | undefined {
  if (known.codes.has(entry.code)) return `${entry.code}: this code is in the deck already`;
  const wrong = wrongWith(entry) ?? wrongInDeck(deck, entry, known);
  return wrong && `${entry.code}: ${wrong}`;
}

function reasonAgainstBase(base: DeckBase, known: Known): string | undefined {
  if (known.foreign.has(base.id)) return `the base ${base.id} is another maker’s`;
  const wrong = wrongWith(base);
  return wrong && `the base ${base.id}: ${wrong}`;
}

const reachesFarEnough = ({ spectrum }: DeckEntry) =>
  !spectrum || (spectrum.start <= 380 && spectrum.start + spectrum.step * (spectrum.values.length - 1) >= 780);

/** What the person should know of a deck that would be taken. */
function notesOn(deck: Deck, known: Known): string[] {
  const { name } = deck.maker;
  return [
    ...(deck.colours.some((c) => c.base === undefined)
      ? [`${name}: colours without a base are taken to stand in a usual white base (L* 96, a* −0.7, b* 2.3).`]
      : []),
    ...(deck.colours.every(reachesFarEnough)
      ? []
      : [`${name}: spectra do not reach from 380 to 780 nm; their end values are held.`]),
    ...(deck.bases.some((b) => known.bases.has(b.id)) ? [`${name}: bases that are here already stay as they are.`] : []),
  ];
}

/** Checks every colour against what a surface can be and against what is there already; nothing is written. */
export async function checkDecks(ask: AskKnown, read: ReadDecks, progress: Progress): Promise<Preview> {
  if (read.decks.length > MOST_MAKERS) {
    const reason = `it names ${read.decks.length} makers; a file has at most ${MOST_MAKERS}`;
    return { decks: [], notes: [...read.notes], problems: [{ line: 0, reason }], problemCount: 1 };
  }
  const total = read.decks.reduce((sum, d) => sum + d.colours.length, 0);
  const problems = someProblems();
  for (const problem of read.problems) problems.add(problem);
  const notes: string[] = [...read.notes];
  const decks: Deck[] = [];
  let done = 0;
  for (const deck of read.decks) {
    const known = await ask({ makerId: deck.maker.id, baseIds: deck.bases.map((b) => b.id), tintSystem: deck.tintSystem });
    const line = (kind: 'colour' | 'base', code: string) => read.lines?.get(rowKey(deck.maker.id, kind, code)) ?? 0;
    const good = (kind: 'colour' | 'base', code: string, reason: string | undefined) => {
      if (reason) problems.add({ line: line(kind, code), reason });
      return !reason;
    };
    const bases = deck.bases.filter((b) => good('base', b.id, reasonAgainstBase(b, known)));
    const colours: DeckEntry[] = [];
    for (const entry of deck.colours) {
      if (good('colour', entry.code, reasonAgainst({ ...deck, bases }, entry, known))) colours.push(entry);
      if (++done % BATCH === 0) await progress(done, total);
    }
    notes.push(...notesOn({ ...deck, bases, colours }, known));
    decks.push({ ...deck, bases: bases.filter((b) => !known.bases.has(b.id)), colours });
  }
  await progress(total, total);
  const others = read.problemCount - read.problems.length;
  return { decks, problems: problems.list(), problemCount: problems.count() + others, notes };
}
