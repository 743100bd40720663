import { labFromXyz } from '@/core/colour/lab';
import { resample } from '@/core/colour/resample';
import { D65_10, tristimulus } from '@/core/colour/tristimulus';
import type { Lab } from '@/core/colour/types';
import { givenLab } from '@/core/formats/deck/check';
import type { Deck, DeckBase } from '@/core/formats/deck/deck';
import { assumedBaseId } from '@/core/paint/paint';
import { addMaker, fillProductLines, upsertBases, upsertDeckColours, upsertMaker, type NewBase } from '@/data/decks';
import type { Sql } from '@/data/sql';

/** Lab of an entry that was checked: of its spectrum when it has one. */
function labOf(entry: Pick<DeckBase, 'lab' | 'hex' | 'spectrum'>): Lab {
  if (!entry.spectrum) return givenLab(entry)!;
  const { start, step, values } = entry.spectrum;
  return labFromXyz(tristimulus(resample(start, step, values).reflectance, D65_10));
}

/** What stands for the base of a deck that names none: a usual white base. From memory; the import says so. */
export const ASSUMED_BASE: Lab = { l: 96, a: -0.7, b: 2.3 };

type Optical = { readonly id: string; readonly k: readonly number[]; readonly s: readonly number[]; readonly film: number };
type Options = { readonly importId: string | null; readonly optical?: readonly Optical[] };

/** Writes a checked deck: its maker, bases and colours. Colours without a base stand in an assumed white one. */
export async function storeDeck(sql: Sql, deck: Deck, { importId, optical = [] }: Options): Promise<void> {
  const { maker } = deck;
  if (importId === null) await upsertMaker(sql, { id: maker.id, name: maker.name, tintSystemId: deck.tintSystem ?? null });
  else await addMaker(sql, { id: maker.id, name: maker.name, tintSystemId: deck.tintSystem ?? null });
  if (deck.products) await fillProductLines(sql, maker.id, deck.products);
  const bases = deck.bases.map((base): NewBase => {
    const known = optical.find((o) => o.id === base.id);
    return {
      id: base.id,
      kind: base.kind,
      name: base.name,
      ...labOf(base),
      spectrum: base.spectrum ?? null,
      optical: known ? { k: known.k, s: known.s, film: known.film } : null,
    };
  });
  const assumed = assumedBaseId(maker.id);
  if (deck.colours.some((c) => c.base === undefined))
    bases.push({ id: assumed, kind: 'white', name: 'white base, assumed', ...ASSUMED_BASE, spectrum: null, optical: null });
  await upsertBases(sql, maker.id, bases);
  const colours = deck.colours.map((c) => ({
    code: c.code,
    name: c.name,
    strip: c.strip,
    step: c.step,
    ...labOf(c),
    baseId: c.base ?? assumed,
    spectrum: c.spectrum ?? null,
    formula: c.formula ?? null,
    lrv: c.lrv ?? null,
  }));
  await upsertDeckColours(sql, maker.id, colours, importId);
}
