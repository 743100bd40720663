import { writeCgats } from '@/core/formats/deck/cgats';
import type { Deck } from '@/core/formats/deck/deck';
import { deckTable } from '@/core/formats/deck/write-table';
import { screenColour } from '@/core/colour/srgb';
import { isSaid } from '@/core/paint/product-lines';
import { listBasesOfMaker, listDeckColoursOfMaker, listMakers, listStrips, type MakerRow } from '@/data/decks';
import type { Sql } from '@/data/sql';
import { database } from '../database';
import { csvFile } from '../exports/csv';

/** Strips shown of a deck at most, evenly taken. Own choice: more are narrower than a line. */
const MOST_STRIPS = 90;

export type MakerSummary = MakerRow & { readonly strips: readonly (readonly string[])[] };

/** The decks that are here, each with its strips in screen colours. */
export async function makerSummaries(): Promise<MakerSummary[]> {
  const db = await database();
  const found: MakerSummary[] = [];
  for (const maker of await listMakers(db)) {
    const strips = new Map<string, string[]>();
    for (const { strip, ...lab } of await listStrips(db, maker.id)) {
      const { hex } = screenColour(lab);
      const steps = strips.get(strip);
      if (steps) steps.push(hex);
      else strips.set(strip, [hex]);
    }
    const all = [...strips.values()];
    const every = Math.max(1, Math.ceil(all.length / MOST_STRIPS));
    found.push({ ...maker, strips: all.filter((_, i) => i % every === 0) });
  }
  return found;
}

const labOf = ({ l, a, b }: { l: number; a: number; b: number }) => ({ lab: { l, a, b } });

/** The deck of one maker as it would be imported again; undefined when there is no such maker. */
export const deckOf = async (makerId: string): Promise<Deck | undefined> => deckIn(await database(), makerId);

/** The same, with only some of its colours and the bases they stand in. */
export async function deckIn(
  sql: Sql,
  makerId: string,
  wanted: (colourId: string) => boolean = () => true,
): Promise<Deck | undefined> {
  const maker = (await listMakers(sql)).find((m) => m.id === makerId);
  if (!maker) return undefined;
  const colours = (await listDeckColoursOfMaker(sql, makerId)).filter((c) => wanted(c.id));
  const bases = (await listBasesOfMaker(sql, makerId)).filter((b) => colours.some((c) => c.baseKnown && c.baseId === b.id));
  return {
    format: 'elm-swatch/deck',
    version: 1,
    about: `The deck of ${maker.name}, from Elm Swatch.`,
    maker: { id: maker.id, name: maker.name },
    ...(isSaid(maker.products) ? { products: maker.products } : {}),
    ...(maker.tintSystemId ? { tintSystem: maker.tintSystemId } : {}),
    bases: bases.map((b) => ({ id: b.id, kind: b.kind, name: b.name, ...(b.spectrum ? { spectrum: b.spectrum } : labOf(b)) })),
    colours: colours.map((c) => ({
      code: c.code,
      name: c.name,
      strip: c.strip,
      step: c.step,
      ...(c.baseKnown ? { base: c.baseId } : {}),
      ...(c.spectrum ? { spectrum: c.spectrum } : labOf(c)),
      ...(c.formula ? { formula: c.formula } : {}),
      ...(c.lrv === null ? {} : { lrv: c.lrv }),
    })),
  };
}

const KINDS = {
  json: { type: 'application/json; charset=utf-8', write: (deck: Deck) => `${JSON.stringify(deck)}\n` },
  cgats: { type: 'text/plain; charset=utf-8', write: writeCgats },
  csv: {
    type: 'text/csv; charset=utf-8',
    write: (deck: Deck) => {
      const { columns, rows } = deckTable(deck);
      return csvFile(
        columns,
        rows.map((row) => Object.fromEntries(columns.map((c, i) => [c, row[i]!]))),
      );
    },
  },
} as const;

/** A deck file to take away: `deck.json`, `deck.csv` or `deck.cgats`. */
export async function deckFile(makerId: string, file: string): Promise<{ body: string; type: string; name: string } | undefined> {
  const extension = /^deck\.(json|csv|cgats)$/.exec(file)?.[1] as keyof typeof KINDS | undefined;
  const deck = extension && (await deckOf(makerId));
  if (!deck) return undefined;
  const { type, write } = KINDS[extension];
  return { body: write(deck), type, name: `${deck.maker.name.replace(/[^\p{L}\p{N} _-]/gu, ' ').trim() || 'deck'}.${extension}` };
}
