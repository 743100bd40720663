import { formulaText, type Deck, type DeckBase, type DeckEntry } from './deck';
import { DECK_COLUMNS } from './table';

type Cell = string | number;
type Shared = Pick<DeckBase, 'lab' | 'hex' | 'spectrum'>;

/** The wavelengths, in nanometres, of the spectra of a deck; empty when it has none. All spectra of a deck must share one grid. */
export function wavelengthsOf(deck: Deck): number[] {
  const spectra = [...deck.bases, ...deck.colours].flatMap((e) => (e.spectrum ? [e.spectrum] : []));
  const [first] = spectra;
  if (!first) return [];
  if (spectra.some((s) => s.start !== first.start || s.step !== first.step || s.values.length !== first.values.length))
    throw new RangeError('the spectra of this deck have different wavelengths');
  return first.values.map((_, i) => first.start + i * first.step);
}

const colourCells = ({ lab, hex, spectrum }: Shared, wavelengths: readonly number[]) => ({
  own: [lab?.l ?? '', lab?.a ?? '', lab?.b ?? '', hex ?? ''] as Cell[],
  spectral: wavelengths.map((_, i): Cell => spectrum?.values[i] ?? ''),
});

/** A deck as a table: the columns of {@link DECK_COLUMNS}, then one per wavelength; bases first. Reads back to the same deck. */
export function deckTable(deck: Deck): { readonly columns: string[]; readonly rows: Cell[][] } {
  const wavelengths = wavelengthsOf(deck);
  const { id, name } = deck.maker;
  const system = deck.tintSystem ?? '';
  const baseRow = (base: DeckBase): Cell[] => {
    const { own, spectral } = colourCells(base, wavelengths);
    return ['base', id, name, system, base.id, base.name, '', '', base.kind, '', ...own, '', ...spectral];
  };
  const colourRow = (c: DeckEntry): Cell[] => {
    const { own, spectral } = colourCells(c, wavelengths);
    return [
      'colour',
      id,
      name,
      system,
      c.code,
      c.name,
      c.strip,
      c.step,
      c.base ?? '',
      formulaText(c.formula),
      ...own,
      c.lrv ?? '',
      ...spectral,
    ];
  };
  return {
    columns: [...DECK_COLUMNS, ...wavelengths.map(String)],
    rows: [...deck.bases.map(baseRow), ...deck.colours.map(colourRow)],
  };
}
