import { familyOf } from '../colour/family';
import { GRID } from '../colour/grid';
import { lrvOf } from '../colour/lab';
import type { Lab } from '../colour/types';
import { labAt, placesOf, type DeckCurves } from '../formats/deck-curves';
import type { Wanted } from './judgement-protocol';

/** A deck at several strengths: by colour, then strength, in one run of numbers each. */
export type DeckSource = {
  /** Colours times strengths. */
  readonly count: number;
  readonly labOf: (place: number) => Lab;
  /** Reflectance on the grid; may be a view of one array. */
  readonly reflectanceOf: (place: number) => ArrayLike<number>;
};

/** A deck as the ranking reads it: its colours at their strengths, place by place. */
export const sourceOf = (deck: DeckCurves): DeckSource => ({
  count: placesOf(deck),
  labOf: (place) => labAt(deck, place),
  reflectanceOf: (place) => deck.curves.subarray(GRID.count * place, GRID.count * (place + 1)),
});

/** Which places of the deck a filter lets through. */
export function letsThrough(deck: DeckCurves, { makers, families, strengths, lrv: [from, to] }: Omit<Wanted, 'onlyWorks'>) {
  const per = deck.strengths.length;
  return (place: number): boolean => {
    const lab = labAt(deck, place);
    if (Number.isNaN(lab.l) || !strengths.includes(deck.strengths[place % per]!)) return false;
    if (makers.length > 0 && !makers.includes(deck.makers[Math.floor(place / per)]!)) return false;
    const lrv = lrvOf(lab);
    return lrv >= from && lrv <= to && (families.length === 0 || families.includes(familyOf(lab)));
  };
}

/** Which colour at which strength stands at a place. */
export const namedAt = ({ ids, strengths }: DeckCurves, place: number) => ({
  deckColourId: ids[Math.floor(place / strengths.length)]!,
  strength: strengths[place % strengths.length]!,
});
