'use client';

import { useCallback, useDeferredValue, useMemo, useState } from 'react';
import { toast } from 'sonner';
import { v7 } from 'uuid';
import type { Candidate } from '@/core/record/types';
import { Button, buttonClass } from '@/ui/button';
import { FieldError } from '@/ui/field';
import { EmptyState, StepTitle } from '@/ui/step-title';
import { useDeck, type DeckColour } from '../shared/deck-data';
import { ShownSwitch } from '../shared/in-light';
import { useRoom, useVisit } from '../shared/visit-context';
import { VisitLink } from '../shared/where';
import { sayRefusal } from '../shared/words';
import { ColourPanel } from './colour-panel';
import { CompareTray, MOST_COMPARED } from './compare-tray';
import { DeckFan } from './deck-fan';
import { alongStrip, filterDeck, NO_FILTER, type DeckFilter } from './deck-filter';
import { DeckFilters } from './deck-filters';
import { useDeckLooks } from './use-deck-looks';

/** Takes a colour at a strength into the room, or out of it again. */
function useToggleCandidate(roomId: string) {
  const { save } = useVisit();
  return async (colour: DeckColour, strength: number, candidate: Candidate | undefined) => {
    const result = candidate
      ? await save({ name: 'candidate.retire', roomId, candidateId: candidate.id, retired: true })
      : await save({ name: 'candidate.add', roomId, candidateId: v7(), deckColourId: colour.id, strength });
    if (!result.ok) return void toast.error(sayRefusal(result));
    if (!candidate) return;
    toast(`${colour.name} at ${strength} % taken out; its verdicts are kept`, {
      action: {
        label: 'Undo',
        onClick: () => void save({ name: 'candidate.retire', roomId, candidateId: candidate.id, retired: false }),
      },
    });
  };
}

/** The compare tray: colours once each, at most twelve. */
function useTray() {
  const [tray, setTray] = useState<readonly DeckColour[]>([]);
  const toggle = (colour: DeckColour) => {
    if (tray.some((c) => c.id === colour.id)) return setTray(tray.filter((c) => c.id !== colour.id));
    if (tray.length === MOST_COMPARED) return void toast(`The tray holds ${MOST_COMPARED} colours: take one out first.`);
    setTray([...tray, colour]);
  };
  return { tray, toggle, clear: () => setTray([]) };
}

/** The deck: strips of depth steps, filtered, and the strengths of the chosen colour to take to the bench. */
export function DeckStep({ roomId }: { readonly roomId: string }) {
  const { visit } = useVisit();
  const room = useRoom(roomId);
  const deck = useDeck();
  const [filter, setFilter] = useState<DeckFilter>(NO_FILTER);
  const settled = useDeferredValue(filter);
  const [chosenId, setChosenId] = useState<string>();
  const setChosen = useCallback((colour: DeckColour) => setChosenId(colour.id), []);
  const { tray, toggle: toggleCompared, clear } = useTray();
  const toggle = useToggleCandidate(roomId);
  const colours = useDeckLooks(roomId, deck.state === 'ready' ? deck.colours : undefined);
  const chosen = useMemo(() => colours?.find((c) => c.id === chosenId), [colours, chosenId]);
  const shown = useMemo(() => (colours ? filterDeck(colours, settled) : []), [colours, settled]);
  const inRoom = useMemo(() => new Set(room.candidates.map((c) => c.deckColourId)), [room.candidates]);
  const twins = useMemo(
    () =>
      chosen?.sharedName
        ? (colours ?? []).filter((c) => c.maker !== chosen.maker && c.name.toLowerCase() === chosen.name.toLowerCase())
        : [],
    [chosen, colours],
  );
  return (
    <div className="flex h-full flex-col">
      <div className="px-5 pt-4">
        <StepTitle
          title={`${room.name}: the deck`}
          aside={colours && `${shown.length} of ${colours.length} colours · ${room.candidates.length} in this room`}
        >
          <ShownSwitch />
          <a href="/decks" className={buttonClass()}>
            Decks in and out
          </a>
          {room.candidates.length > 0 && (
            <VisitLink href={`/visits/${visit.id}/${roomId}/bench`} className={buttonClass('main')}>
              To the bench
            </VisitLink>
          )}
        </StepTitle>
      </div>
      {deck.state === 'loading' && <p className="px-5 text-soft">Reading the deck…</p>}
      {deck.state === 'failed' && (
        <div className="grid justify-items-start gap-3 px-5">
          <FieldError>The deck could not be read.</FieldError>
          <Button onClick={deck.retry}>Try again</Button>
        </div>
      )}
      {colours && (
        <>
          <DeckFilters colours={colours} filter={filter} onChange={setFilter} />
          <div className="flex min-h-0 flex-1 max-md:flex-col">
            {shown.length > 0 ? (
              <DeckFan all={colours} shown={shown} inRoom={inRoom} chosen={chosen?.id} onChoose={setChosen} />
            ) : (
              <div className="flex-1 px-5">
                <EmptyState title="No colour fits">
                  <Button onClick={() => setFilter(NO_FILTER)}>Show all</Button>
                </EmptyState>
              </div>
            )}
            {chosen && (
              <ColourPanel
                colour={chosen}
                twins={twins}
                candidates={room.candidates}
                stays={room.stays}
                onToggle={(strength, candidate) => void toggle(chosen, strength, candidate)}
                lighter={alongStrip(colours, chosen, -2)}
                deeper={alongStrip(colours, chosen, 2)}
                onChoose={setChosen}
                compared={tray.some((c) => c.id === chosen.id)}
                onCompare={() => toggleCompared(chosen)}
              />
            )}
          </div>
          {tray.length > 0 && <CompareTray colours={tray} onRemove={toggleCompared} onClear={clear} />}
        </>
      )}
    </div>
  );
}
