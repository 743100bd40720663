import { paletteOf } from '@/core/engine/companions';
import { nearestOf, type MadeColour } from '@/core/engine/copies';
import { decodeDeckCurves } from '@/core/formats/deck-curves';
import { paintAtStrength } from '@/core/paint/paint';
import type { Copied, PaintCopy } from '@/core/paint/paint-facts';
import type { DeckColourRow } from '@/data/deck-rows';
import { listDeckColoursById } from '@/data/decks';
import { database } from '../database';
import { deckCurves } from '../deck/curves';
import { onePerProcess } from '../one-per-process';
import { paintsOf } from './paint-of';

type Found = { readonly reflectance: readonly number[]; readonly best: readonly { colour: MadeColour; off: number }[] };
type Palette = {
  readonly version: string;
  readonly colours: readonly MadeColour[];
  readonly makers: readonly string[];
  /** What was found, by colour and strength. */
  readonly found: Map<string, Found>;
};
type Asked = { readonly deckColourId: string; readonly strength: number };
const kept = onePerProcess<{ palette?: Palette | undefined }>('deck-copies', () => ({}));

/** The deck at the usual strengths, read once for each state of it. */
async function palette(): Promise<Palette> {
  const { version, file } = await deckCurves();
  if (kept.palette?.version === version) return kept.palette;
  const colours = paletteOf(decodeDeckCurves(file.buffer));
  return (kept.palette = { version, colours, makers: [...new Set(colours.map((c) => c.maker))].sort(), found: new Map() });
}

const keyOf = ({ deckColourId, strength }: Asked): string => `${deckColourId} ${strength}`;

/** How other makers of the deck would match paints, nearest first, in the order asked; null of a colour the deck does not have. */
export async function deckCopies(asked: readonly Asked[]): Promise<readonly (Copied | null)[]> {
  const sql = await database();
  const { colours, makers, found } = await palette();
  const rows = await listDeckColoursById(sql, [...new Set(asked.map((a) => a.deckColourId))]);
  const paints = await paintsOf(sql, rows);
  const makerOf = new Map(rows.map((r) => [r.id, r.maker]));
  const all = asked.map((one): Found | null => {
    const paint = paints.get(one.deckColourId);
    const known = found.get(keyOf(one));
    if (known || !paint) return known ?? null;
    const { lab, reflectance } = paintAtStrength(paint, one.strength);
    const others = makers.filter((maker) => maker !== makerOf.get(one.deckColourId));
    const best = others.flatMap((maker) => nearestOf(lab, colours, maker) ?? []).sort((p, q) => p.off - q.off);
    const made = { reflectance: [...reflectance], best };
    found.set(keyOf(one), made);
    return made;
  });
  const ids = all.flatMap((one) => one?.best.map((b) => b.colour.id) ?? []);
  const named = new Map((await listDeckColoursById(sql, [...new Set(ids)])).map((r) => [r.id, r]));
  return all.map((one) => one && { ...one, copies: one.best.flatMap((b) => copyOf(b, named.get(b.colour.id))) });
}

const copyOf = ({ colour, off }: Found['best'][number], row: DeckColourRow | undefined): PaintCopy[] => {
  if (!row) return [];
  const { maker, code, name } = row;
  return [{ maker, code, name, strength: colour.strength, inDeck: off, reflectance: Array.from(colour.reflectance) }];
};
