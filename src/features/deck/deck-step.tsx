'use client';

import { useCallback, useDeferredValue, useMemo } from 'react';
import { Button, buttonClass } from '@/ui/button';
import { ChoiceRow } from '@/ui/choice-row';
import { FieldError } from '@/ui/field';
import { StepTitle } from '@/ui/step-title';
import { useKept } from '@/ui/use-kept';
import { windowText } from '@/ui/browser-text';
import { useStoredText } from '@/ui/use-stored-text';
import type { DeckColour } from '@/core/derived/deck-colour';
import { useDeck } from '../entry/deck-data';
import { ShownSwitch } from '../light-client/in-light';
import { useHome, useRoom } from '../session/visit-context';
import { VisitLink } from '../session/where';
import { DeckBrowser } from './deck-browser';
import { FindWhite } from './find-white';
import { filterDeck, readFilter, NO_FILTER, type DeckFilter } from './deck-filter';
import { Shortlist } from './shortlist';
import { useDeckLooks } from './use-deck-looks';
import { addressOf } from '../session/address';

/** Search and filters, the same in every room for as long as the window is open. */
function useKeptFilter() {
  const kept = useStoredText(windowText, FILTER_KEY);
  const filter = useMemo(() => readFilter(kept) ?? NO_FILTER, [kept]);
  const keep = useCallback((next: DeckFilter) => void windowText.set(FILTER_KEY, JSON.stringify(next)), []);
  return [filter, keep] as const;
}
const FILTER_KEY = 'elm-swatch.deck.filter';

/** Until the deck is there. */
const NO_COLOURS: readonly DeckColour[] = [];

/** The deck: leafed through by hand, or searched for what could work in the room. */
export function DeckStep({ roomId }: { readonly roomId: string }) {
  const visit = useHome();
  const room = useRoom(roomId);
  const deck = useDeck();
  const [view, setView] = useKept<'deck' | 'shortlist'>('deck.view', 'deck', ['deck', 'shortlist']);
  const [filter, setFilter] = useKeptFilter();
  const settled = useDeferredValue(filter);
  const colours = useDeckLooks(roomId, deck.data);
  const shown = useMemo(() => (colours ? filterDeck(colours, settled) : []), [colours, settled]);
  return (
    <div className="flex h-full flex-col fold:h-auto">
      <div className="px-5 pt-4 fold:px-3 fold:pt-2">
        <StepTitle
          title={`${room.name}: the deck`}
          under={`${colours ? `${shown.length} of ${colours.length} colours` : 'reading the deck…'} · ${room.candidates.length} in this room`}
        >
          <ChoiceRow
            label="What is shown"
            value={view}
            onChange={setView}
            options={[
              { value: 'deck', label: 'The deck' },
              { value: 'shortlist', label: 'What could work here' },
            ]}
          />
          <ShownSwitch />
          <FindWhite roomId={roomId} colours={deck.data ?? NO_COLOURS}>
            <Button disabled={!deck.data}>Find a white…</Button>
          </FindWhite>
          <a href="/decks" className={buttonClass('plain', 'fold:hidden')}>
            Decks in and out
          </a>
          {room.candidates.length > 0 && (
            <VisitLink href={addressOf({ visitId: visit.id, roomId, step: 'bench' })} className={buttonClass('main')}>
              To the bench
            </VisitLink>
          )}
        </StepTitle>
      </div>
      {deck.isPending && (
        <p className="px-5 text-soft" role="status">
          Reading the deck…
        </p>
      )}
      {deck.isError && (
        <div className="grid justify-items-start gap-3 px-5">
          <FieldError>The deck could not be read.</FieldError>
          <Button onClick={() => void deck.refetch()}>Try again</Button>
        </div>
      )}
      {colours && view === 'shortlist' && <Shortlist roomId={roomId} colours={colours} />}
      {colours && view === 'deck' && (
        <DeckBrowser roomId={roomId} colours={colours} shown={shown} filter={filter} onFilter={setFilter} />
      )}
    </div>
  );
}
