'use client';

import { useCallback, useMemo, useState } from 'react';
import { toast } from 'sonner';
import type { Lab } from '@/core/colour/types';
import type { Candidate } from '@/core/record/candidate';
import type { Room } from '@/core/record/room';
import { Button } from '@/ui/button';
import { EmptyState } from '@/ui/step-title';
import { knownColour, type DeckColour } from '@/core/derived/deck-colour';
import { takeAway } from '../session/take-away';
import { useTakeColour } from '../session/take-colour';
import { useRoom, useVisitWrite } from '../session/visit-context';
import { sayRefusal } from '../words/words';
import { ColourPanel } from './colour-panel';
import { CompareTray, MOST_COMPARED } from './compare-tray';
import { DeckFan } from './deck-fan';
import { alongStrip } from '@/core/derived/deck-colour';
import { NO_FILTER, type DeckFilter } from './deck-filter';
import { DeckFilters } from './deck-filters';

/** Takes a colour at a strength into the room, or out of it again. */
function useToggleCandidate(room: Room) {
  const write = useVisitWrite();
  const take = useTakeColour(room);
  return async (colour: DeckColour, { strength, lab, candidate }: Toggled) => {
    if (!candidate) {
      const result = await take(knownColour(colour, lab), strength).result;
      return void (result.ok || toast.error(sayRefusal(result)));
    }
    const set = (retired: boolean) =>
      write({ name: 'candidate.retire', roomId: room.id, candidateId: candidate.id, retired }, { answers: true }).result;
    await takeAway(set, `${colour.name} at ${strength} % taken out; its verdicts are kept`);
  };
}
type Toggled = { readonly strength: number; readonly lab: Lab; readonly candidate: Candidate | undefined };

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

type Props = {
  readonly roomId: string;
  readonly colours: readonly DeckColour[];
  /** Those that the filter leaves. */
  readonly shown: readonly DeckColour[];
  readonly filter: DeckFilter;
  readonly onFilter: (filter: DeckFilter) => void;
};

/** The deck itself: strips of depth steps, filtered, the chosen colour, and the compare tray. */
export function DeckBrowser({ roomId, colours, shown, filter, onFilter }: Props) {
  const room = useRoom(roomId);
  const [chosenId, setChosenId] = useState<string>();
  const setChosen = useCallback((colour: DeckColour) => setChosenId(colour.id), []);
  const { tray, toggle: toggleCompared, clear } = useTray();
  const toggle = useToggleCandidate(room);
  const chosen = useMemo(() => colours.find((c) => c.id === chosenId), [colours, chosenId]);
  const inRoom = useMemo(() => new Set(room.candidates.map((c) => c.deckColourId)), [room.candidates]);
  const twins = useMemo(
    () =>
      chosen?.sharedName
        ? colours.filter((c) => c.maker !== chosen.maker && c.name.toLowerCase() === chosen.name.toLowerCase())
        : [],
    [chosen, colours],
  );
  return (
    <>
      <DeckFilters colours={colours} filter={filter} onChange={onFilter} />
      <div className="flex min-h-0 flex-1 max-md:flex-col">
        {shown.length > 0 ? (
          <DeckFan all={colours} shown={shown} inRoom={inRoom} chosen={chosen?.id} onChoose={setChosen} />
        ) : (
          <div className="flex-1 px-5">
            <EmptyState title="No colour fits">
              <Button onClick={() => onFilter(NO_FILTER)}>Show all</Button>
            </EmptyState>
          </div>
        )}
        {chosen && (
          <ColourPanel
            colour={chosen}
            twins={twins}
            room={room}
            candidates={room.candidates}
            stays={room.stays}
            onToggle={(strength, lab, candidate) => void toggle(chosen, { strength, lab, candidate })}
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
  );
}
