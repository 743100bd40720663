'use client';

import { useMemo } from 'react';
import type { DeckColour } from '@/core/derived/deck-colour';
import { useLooksAtCursor } from '../light-client/room-day';

const NONE: readonly DeckColour[] = [];

/** Stands for a deck: how many colours, the first and the last. */
const nameOf = (colours: readonly DeckColour[]): string => [colours.length, colours[0]?.id, colours.at(-1)?.id].join(' ');

/** The deck painted as it looks in a room at the cursor, as long as that is what is shown; as in the deck until it is computed. */
export function useDeckLooks(roomId: string, colours: readonly DeckColour[] | undefined): readonly DeckColour[] | undefined {
  const deck = colours ?? NONE;
  const labs = useMemo(() => deck.map((c) => c.lab), [deck]);
  const hexes = useLooksAtCursor(roomId, nameOf(deck), labs);
  return useMemo(() => (hexes ? colours?.map((c, i) => ({ ...c, hex: hexes[i]! })) : colours), [colours, hexes]);
}
