'use client';

import { useMemo } from 'react';
import { SHOWS_WORDS, tellingNeighbours, type Shows } from '@/core/companions/telling';
import type { DeckColour } from '@/core/derived/deck-colour';
import { Patch } from '@/ui/patch';
import { useCursorPart } from '../cursor/cursor';
import { useTellingAtCursor } from '../light-client/room-day';
import { useHome } from '../session/visit-context';
import { hexOf, sayColour } from '../words/say-colour';
import { sayClock } from '../words/say-light';
import { NoneOfIt, ToldRow } from './told-row';
import type { Wall } from './use-wall';

type Props = { readonly roomId: string; readonly wall: Wall; readonly deck: readonly DeckColour[] };
type Shown = { readonly colour: DeckColour; readonly shows: Shows; readonly hex: string };

/** Neighbours with the colours to paint them in, in the light of the deck or at the cursor; null where it is too dark to judge. */
function useShown({ roomId, wall, deck }: Props) {
  const { lab } = wall.swatch;
  const inDeck = useMemo(() => {
    const others = deck.filter((c) => c.id !== wall.colour.id);
    const found = tellingNeighbours(lab, others, (c) => c.lab);
    return found.map(({ neighbour, shows }): Shown => ({ colour: neighbour, shows, hex: neighbour.hex }));
  }, [lab, deck, wall.colour.id]);
  const byId = useMemo(() => new Map(deck.map((c) => [c.id, c])), [deck]);
  const at = useTellingAtCursor(roomId, wall.swatch, wall.colour.id);
  if (at === null) return null;
  if (!at) return { light: 'deck' as const, wallHex: hexOf(lab), found: inDeck };
  const found = at.neighbours.flatMap(({ id, shows, hex }): Shown[] => {
    const colour = byId.get(id);
    return colour ? [{ colour, shows, hex }] : [];
  });
  return { light: 'cursor' as const, wallHex: at.wallHex, found };
}

/** The colours of the deck that best show what undertone a colour has, each touching it, in the deck's light or at the cursor. */
export function TellingRow(props: Props) {
  const { lab } = props.wall.swatch;
  const { place } = useHome();
  const clock = sayClock(
    useCursorPart((m) => m.at),
    place.timeZone,
  );
  const shown = useShown(props);
  const light = shown?.light === 'cursor' ? `As all look here at ${clock}, predicted.` : 'As in the deck’s light.';
  return (
    <ToldRow
      name="What shows its undertone"
      says={`A single chip hides it. These are near in depth, each turns it another way; hold them side by side. ${shown ? light : ''}`}
    >
      {!shown && <NoneOfIt>At {clock} it is too dark in the room to tell an undertone.</NoneOfIt>}
      {shown?.found.length === 0 && <NoneOfIt>The deck has nothing near it in depth that shows more.</NoneOfIt>}
      {shown && (
        <ul className="grid grid-cols-5 gap-3 max-sm:grid-cols-2">
          {shown.found.map(({ colour, shows, hex }) => (
            <li key={shows} data-shows={shows}>
              <div className="flex h-24">
                <Patch hex={shown.wallHex} label={`the wall: ${sayColour(lab)}`} className="flex-1" />
                <Patch hex={hex} label={`${colour.name}: ${colour.says}`} className="flex-1" />
              </div>
              <p className="mt-1 text-sm">{SHOWS_WORDS[shows]}</p>
              <p className="text-sm text-soft break-words">
                {colour.name}, {colour.code}
              </p>
            </li>
          ))}
        </ul>
      )}
    </ToldRow>
  );
}
