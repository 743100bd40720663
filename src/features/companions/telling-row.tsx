'use client';

import { useMemo } from 'react';
import { SHOWS_WORDS, tellingNeighbours } from '@/core/companions/telling';
import type { DeckColour } from '@/core/derived/deck-colour';
import { Patch } from '@/ui/patch';
import { hexOf, sayColour } from '../words/say-colour';
import { NoneOfIt, ToldRow } from './told-row';
import type { Wall } from './use-wall';

type Props = { readonly wall: Wall; readonly deck: readonly DeckColour[] };

/** The colours of the deck that best show what undertone a colour has, each touching it, in the light of the deck. */
export function TellingRow({ wall, deck }: Props) {
  const { lab } = wall.swatch;
  const found = useMemo(() => {
    const others = deck.filter((c) => c.id !== wall.colour.id);
    return tellingNeighbours(lab, others, (c) => c.lab);
  }, [lab, deck, wall.colour.id]);
  return (
    <ToldRow
      name="What shows its undertone"
      says="A single chip hides it. These are near in depth, each turns it another way; hold them side by side. As in the deck’s light."
    >
      {found.length === 0 ? (
        <NoneOfIt>The deck has nothing near it in depth that shows more.</NoneOfIt>
      ) : (
        <ul className="grid grid-cols-5 gap-3 max-sm:grid-cols-2">
          {found.map(({ neighbour, shows }) => (
            <li key={shows} data-shows={shows}>
              <div className="flex h-24">
                <Patch hex={hexOf(lab)} label={`the wall: ${sayColour(lab)}`} className="flex-1" />
                <Patch hex={neighbour.hex} label={`${neighbour.name}: ${neighbour.says}`} className="flex-1" />
              </div>
              <p className="mt-1 text-sm">{SHOWS_WORDS[shows]}</p>
              <p className="text-sm text-soft break-words">
                {neighbour.name}, {neighbour.code}
              </p>
            </li>
          ))}
        </ul>
      )}
    </ToldRow>
  );
}
