'use client';

import { useDeferredValue, useMemo } from 'react';
import type { DeckColour } from '../shared/deck-data';
import { useMomentPart } from '../shared/moment';
import { momentIndex, useDayRequest, useLookIn, useRoomDay, useScale } from '../shared/room-day';
import { latest, useHexes } from '../shared/room-light';
import { useRoom } from '../shared/visit-context';

/** Stands for a deck: how many colours, the first and the last. */
const nameOf = (colours: readonly DeckColour[] = []): string => [colours.length, colours[0]?.id, colours.at(-1)?.id].join(' ');

/** The deck painted as it looks in a room at the cursor, as long as that is what is shown; as in the deck until it is computed. */
export function useDeckLooks(roomId: string, colours: readonly DeckColour[] | undefined): readonly DeckColour[] | undefined {
  const room = useRoom(roomId);
  const { request } = useDayRequest(roomId);
  const lookIn = useLookIn(room, useScale(roomId));
  const moments = latest(useRoomDay(roomId));
  const shown = useMomentPart((m) => m.shown);
  const moment = useDeferredValue(useMomentPart((m) => (moments ? momentIndex(moments, m.at) : 0)));
  const labs = useMemo(() => colours?.map((c) => [c.lab.l, c.lab.a, c.lab.b] as const), [colours]);
  const asked = shown === 'in-light' && moments && labs ? { day: request, moment, labs, lookIn } : undefined;
  const name = nameOf(colours);
  const answer = latest(useHexes(name, asked));
  const hexes = useDeferredValue(shown === 'in-light' ? answer?.hexes : undefined);
  return useMemo(
    () => (hexes && colours?.length === hexes.length ? colours.map((c, i) => ({ ...c, hex: hexes[i]! })) : colours),
    [colours, hexes],
  );
}
