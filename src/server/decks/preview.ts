import { wrongInDeck, wrongWith } from '@/core/formats/deck/check';
import type { Deck, DeckEntry, Problem, ReadDecks } from '@/core/formats/deck/deck';
import { listBasesOfMaker, listCodes, listTintSystems } from '@/data/decks';
import type { Sql } from '@/data/sql';

export type Preview = {
  /** What would be taken: checked decks. */
  readonly decks: readonly Deck[];
  readonly problems: readonly Problem[];
  readonly notes: readonly string[];
};
export type Progress = (done: number, total: number) => Promise<void>;

/** Colours checked between two reports of progress; about 60 ms of work. */
const BATCH = 150;

type Known = { readonly codes: ReadonlySet<string>; readonly bases: ReadonlySet<string>; readonly colourants: readonly string[] };

async function knownOf(sql: Sql, deck: Deck): Promise<Known> {
  const systems = await listTintSystems(sql);
  return {
    codes: new Set(await listCodes(sql, deck.maker.id)),
    bases: new Set((await listBasesOfMaker(sql, deck.maker.id)).map((b) => b.id)),
    colourants: systems.find((t) => t.id === deck.tintSystem)?.colourants.map((c) => c.id) ?? [],
  };
}

function reasonAgainst(deck: Deck, entry: DeckEntry, known: Known): string | undefined {
  if (known.codes.has(entry.code)) return `${entry.code}: this code is in the deck already`;
  const wrong = wrongWith(entry) ?? wrongInDeck(deck, entry, known.colourants);
  return wrong && `${entry.code}: ${wrong}`;
}

/** Checks every colour against what a surface can be and against what is there already; nothing is written. */
export async function checkDecks(sql: Sql, read: ReadDecks, progress: Progress): Promise<Preview> {
  const total = read.decks.reduce((sum, d) => sum + d.colours.length, 0);
  const problems: Problem[] = [...read.problems];
  const notes: string[] = [...read.notes];
  const decks: Deck[] = [];
  let done = 0;
  for (const deck of read.decks) {
    const known = await knownOf(sql, deck);
    const badBase = deck.bases.find((b) => wrongWith(b));
    if (badBase) {
      problems.push({ line: 0, reason: `the base ${badBase.id}: ${wrongWith(badBase)}` });
      continue;
    }
    const taken: DeckEntry[] = [];
    for (const entry of deck.colours) {
      const reason = reasonAgainst(deck, entry, known);
      if (reason) problems.push({ line: 0, reason });
      else taken.push(entry);
      if (++done % BATCH === 0) await progress(done, total);
    }
    if (taken.some((c) => c.base === undefined))
      notes.push(`${deck.maker.name}: colours without a base are taken to stand in a usual white base (L* 96, a* −0.7, b* 2.3).`);
    if (
      taken.some(
        (c) =>
          c.spectrum && (c.spectrum.start > 380 || c.spectrum.start + c.spectrum.step * (c.spectrum.values.length - 1) < 780),
      )
    )
      notes.push(`${deck.maker.name}: spectra do not reach from 380 to 780 nm; their end values are held.`);
    decks.push({ ...deck, colours: taken });
  }
  await progress(total, total);
  return { decks, problems, notes };
}
