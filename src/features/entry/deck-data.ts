'use client';

import { useEffect, useState } from 'react';
import { nearestInDepth } from '@/core/colour/strips-by-colour';
import type { DeckColour } from '@/server/deck/queries';

export type { DeckColour };
export type DeckState =
  | { readonly state: 'loading' }
  | { readonly state: 'failed'; readonly retry: () => void }
  | { readonly state: 'ready'; readonly colours: readonly DeckColour[] };

/** The whole deck, fetched when first shown; the browser keeps it between screens as long as it has not changed. */
export function useDeck(): DeckState {
  const [deck, setDeck] = useState<DeckState>({ state: 'loading' });
  const [attempt, setAttempt] = useState(0);
  useEffect(() => {
    const stop = new AbortController();
    fetch('/api/deck', { signal: stop.signal })
      .then(async (response) => {
        if (!response.ok) throw new Error(`deck: ${response.status}`);
        setDeck({ state: 'ready', colours: (await response.json()) as DeckColour[] });
      })
      .catch(() => {
        if (!stop.signal.aborted) setDeck({ state: 'failed', retry: () => setAttempt((n) => n + 1) });
      });
    return () => stop.abort();
  }, [attempt]);
  return deck;
}

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

/** A colour of the deck as it is taken into a room at a strength, whose Lab is given. */
export const knownColour = ({ id, maker, code, name, baseKind, sharedName }: DeckColour, lab: DeckColour['lab']) => ({
  deckColourId: id,
  maker,
  code,
  name,
  baseKind,
  sharedName,
  lab,
});

/** The colour so many steps lighter (less than 0) or deeper: along its own strip, or by colour where its maker names no strip. */
export function alongStrip(colours: readonly DeckColour[], from: DeckColour, by: -2 | -1 | 1 | 2): DeckColour | undefined {
  const own = colours.filter((c) => c.maker === from.maker);
  if (!from.ownStrip) return nearestInDepth(own, from, by < 0 ? -1 : 1, (c) => c.lab);
  const strip = own.filter((c) => c.strip === from.strip).sort((p, q) => p.step - q.step);
  return strip[strip.findIndex((c) => c.id === from.id) + by];
}
