import type { Family } from '../colour/family';
import type { Lean } from '../colour/lean';
import { nearestInDepth } from '../colour/strips-by-colour';
import type { Lab } from '../colour/types';
import type { BaseKind } from '../paint/tint-system';
import type { DeckFacts } from '@/core/record/candidate';

/** A deck colour as the deck step shows it; `says` and `family` are computed, never stored. */
export type DeckColour = {
  readonly id: string;
  readonly maker: string;
  readonly code: string;
  readonly name: string;
  readonly strip: string;
  readonly step: number;
  readonly lab: Lab;
  readonly hex: string;
  readonly lrv: number;
  /** As its maker prints it; null where the deck does not say. */
  readonly makerLrv: number | null;
  /** Its maker's base is known, not assumed. */
  readonly baseKnown: boolean;
  /** Its strip is its maker's; otherwise it is made by colour. */
  readonly ownStrip: boolean;
  readonly family: Family;
  readonly lean: Lean;
  readonly baseKind: BaseKind;
  /** A spectrum was measured; otherwise the colour is known by its Lab only. */
  readonly measured: boolean;
  readonly hasFormula: boolean;
  readonly says: string;
  readonly sharedName: boolean;
};

/** What is known of a colour at a strength before the server has mixed it. */
export type KnownColour = Omit<DeckFacts, 'offered' | 'spectrum'> & { readonly deckColourId: string };

const compact = (code: string) => code.toLowerCase().replace(/[^a-z0-9]/g, '');

/** Colours whose name or code holds what was typed; failing that, every word of it somewhere, the maker's name included. */
export function findInDeck(colours: readonly DeckColour[], text: string): readonly DeckColour[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  if (words.length === 0) return colours;
  const phrase = words.join(' ');
  // codes are typed with and without their spaces
  const close = compact(words.join(''));
  const exact = colours.filter((c) => `${c.name} ${c.code}`.toLowerCase().includes(phrase) || compact(c.code).includes(close));
  if (exact.length > 0) return exact;
  return colours.filter((c) => {
    const label = `${c.name} ${c.code} ${c.maker}`.toLowerCase();
    return words.every((w) => label.includes(w));
  });
}

/** What of a colour goes with it into a room, whatever more is known of it. */
export const knownOf = ({ deckColourId, maker, code, name, baseKind, sharedName, lab }: KnownColour): KnownColour => ({
  deckColourId,
  maker,
  code,
  name,
  baseKind,
  sharedName,
  lab,
});

/** A colour of the deck as it is taken into a room at a strength, whose Lab (D65, 10°) is given. */
export const knownColour = (colour: DeckColour, lab: Lab): KnownColour => knownOf({ ...colour, deckColourId: colour.id, lab });

/** The colour so many steps lighter (less than 0) or deeper: along its own strip, or by colour where its maker names no strip. */
export function alongStrip(colours: readonly DeckColour[], from: DeckColour, by: -2 | -1 | 1 | 2): DeckColour | undefined {
  const own = colours.filter((c) => c.maker === from.maker);
  if (!from.ownStrip) return nearestInDepth(own, from, by < 0 ? -1 : 1, (c) => c.lab);
  const strip = own.filter((c) => c.strip === from.strip).sort((p, q) => p.step - q.step);
  return strip[strip.findIndex((c) => c.id === from.id) + by];
}
