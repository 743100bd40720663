'use client';

import { useDeferredValue, useMemo, useState } from 'react';
import { toast } from 'sonner';
import { v7 } from 'uuid';
import { FAMILIES, type Family } from '@/core/colour/family';
import type { Candidate } from '@/core/record/types';
import { Button, buttonClass } from '@/ui/button';
import { ChoiceField, FieldError, TextField } from '@/ui/field';
import { EmptyState, StepTitle } from '@/ui/step-title';
import { useDeck, type DeckColour } from '../shared/deck-data';
import { useRoom, useVisit } from '../shared/visit-context';
import { sayRefusal } from '../shared/words';
import { VisitLink } from '../shared/where';
import { ColourPanel } from './colour-panel';
import { DEPTH_BANDS, filterDeck, NO_FILTER, type DeckFilter } from './deck-filter';
import { DeckGrid } from './deck-grid';

function Filters({
  colours,
  filter,
  onChange,
}: {
  readonly colours: readonly DeckColour[];
  readonly filter: DeckFilter;
  readonly onChange: (f: DeckFilter) => void;
}) {
  const makers = useMemo(() => [...new Set(colours.map((c) => c.maker))], [colours]);
  const families = useMemo(() => FAMILIES.filter((f) => colours.some((c) => c.family === f)), [colours]);
  const set = (change: Partial<DeckFilter>) => onChange({ ...filter, ...change });
  return (
    <div className="flex flex-wrap items-end gap-3 px-5 pb-3">
      <TextField
        className="w-56"
        label="Find by name or code"
        type="search"
        value={filter.text}
        onChange={(e) => set({ text: e.target.value })}
      />
      <ChoiceField
        className="w-40"
        label="Family"
        value={filter.family}
        onChange={(e) => set({ family: e.target.value as Family | '' })}
      >
        <option value="">every family</option>
        {families.map((f) => (
          <option key={f}>{f}</option>
        ))}
      </ChoiceField>
      <ChoiceField
        className="w-40"
        label="Depth"
        value={filter.depth}
        onChange={(e) => set({ depth: e.target.value as DeckFilter['depth'] })}
      >
        {Object.entries(DEPTH_BANDS).map(([key, band]) => (
          <option key={key} value={key}>
            {band.name}
          </option>
        ))}
      </ChoiceField>
      <ChoiceField className="w-40" label="Maker" value={filter.maker} onChange={(e) => set({ maker: e.target.value })}>
        <option value="">both makers</option>
        {makers.map((m) => (
          <option key={m}>{m}</option>
        ))}
      </ChoiceField>
      {filter !== NO_FILTER && <Button onClick={() => onChange(NO_FILTER)}>Show all</Button>}
    </div>
  );
}

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

/** The deck: strips of depth steps, filtered, and the strengths of the chosen colour to take to the bench. */
export function DeckStep({ roomId }: { readonly roomId: string }) {
  const { visit } = useVisit();
  const room = useRoom(roomId);
  const deck = useDeck();
  const [filter, setFilter] = useState<DeckFilter>(NO_FILTER);
  const settled = useDeferredValue(filter);
  const [chosen, setChosen] = useState<DeckColour>();
  const toggle = useToggleCandidate(roomId);
  const colours = deck.state === 'ready' ? deck.colours : undefined;
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
      <div className="px-5 pt-5">
        <StepTitle
          title={`${room.name}: the deck`}
          aside={colours && `${shown.length} of ${colours.length} colours · ${room.candidates.length} in this room`}
        >
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
          <Filters colours={colours} filter={filter} onChange={setFilter} />
          <div className="flex min-h-0 flex-1 max-md:flex-col">
            {shown.length > 0 ? (
              <DeckGrid colours={shown} inRoom={inRoom} chosen={chosen?.id} onChoose={setChosen} />
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
                onToggle={(strength, candidate) => void toggle(chosen, strength, candidate)}
              />
            )}
          </div>
        </>
      )}
    </div>
  );
}
