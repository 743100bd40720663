import { reflectanceFromLab } from '../../colour/reflectance';
import { labFromHex } from '../../colour/srgb';
import type { Lab } from '../../colour/types';
import type { Deck, DeckBase, DeckEntry } from './deck';

type HasColour = Pick<DeckBase, 'lab' | 'hex' | 'spectrum'>;

/** Lab of a colour that has no spectrum. */
export const givenLab = ({ lab, hex }: HasColour): Lab | undefined => lab ?? (hex ? labFromHex(hex) : undefined);

/** Why an entry cannot be taken, in words, or undefined. Slow (about 0.4 ms) for a colour without a spectrum. */
export function wrongWith(entry: HasColour): string | undefined {
  if (entry.spectrum) return undefined;
  const lab = givenLab(entry);
  if (!lab) return 'no colour: neither a spectrum nor Lab nor hex';
  const { l, a, b } = lab;
  if (!reflectanceFromLab(lab).ok)
    return `no real surface has the colour L* ${l.toFixed(1)} a* ${a.toFixed(1)} b* ${b.toFixed(1)}`;
  return undefined;
}

/** What is here already: base ids of the deck's maker, and the colourants of its tint system. */
export type Around = { readonly bases: ReadonlySet<string>; readonly colourants: readonly string[] };

/** Why a colour's base or formula does not fit its deck, or undefined. */
export function wrongInDeck(
  deck: Pick<Deck, 'bases' | 'tintSystem'>,
  entry: DeckEntry,
  { bases, colourants }: Around,
): string | undefined {
  const { base } = entry;
  if (base !== undefined && !bases.has(base) && !deck.bases.some((b) => b.id === base))
    return `its base ${base} is not in the file`;
  if (!entry.formula) return undefined;
  if (deck.tintSystem === undefined) return 'a formula without a tint system';
  const unknown = Object.keys(entry.formula).find((id) => !colourants.includes(id));
  return unknown === undefined ? undefined : `the colourant ${unknown} is not in the tint system ${deck.tintSystem}`;
}
