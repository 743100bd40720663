'use client';

import { useMemo } from 'react';
import type { DeckColour } from '@/core/derived/deck-colour';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import type { HousePaint } from '@/core/engine/house';
import type { NoAnswer } from '@/core/engine/light-protocol';
import type { SightAnswer, SightRequest } from '@/core/engine/sight-lines';
import type { Joined } from '@/core/house/joined-rooms';
import { useCursorPart, useDayParts } from '../cursor/cursor';
import { useSkyOfDay } from '../cursor/sky-of-day';
import { useJob } from '../light-client/light-worker';
import { useLitRooms } from '../light-client/room-day';
import { eachWall, onFloor, onTrim, onWalls } from './on-walls';

/** What is shown on the walls of a room where nothing is settled, or instead of what is. */
export type ShownIn = (roomId: string) => { readonly own: HousePaint | undefined; readonly instead: boolean };
type Known = { readonly shownIn: ShownIn; readonly deck: ReadonlyMap<string, DeckColour> };

/** What is seen together through the day of the cursor; nothing is asked before there is a view. */
export function useSight(rooms: readonly RoomInLight[], { views }: Joined, { shownIn, deck }: Known) {
  const lit = useLitRooms(rooms);
  const { date, sky } = useDayParts();
  const hourly = useSkyOfDay(date, sky === 'service');
  const lampsOn = useCursorPart((m) => m.lampsOn);
  const request = useMemo((): SightRequest | undefined => {
    if (!lit || views.length === 0) return undefined;
    const skies = sky === 'service' ? hourly : sky;
    const places = rooms.map((room, k) => {
      const walls = onWalls(room, shownIn(room.id), deck);
      return {
        id: room.id,
        day: { ...lit[k]!.day, skies },
        scale: lit[k]!.lookIn.scale,
        walls: eachWall(room, walls),
        trim: onTrim(room),
        floor: onFloor(room),
        paint: walls?.paint ?? null,
      };
    });
    return { rooms: places, views, lampsOn };
  }, [rooms, views, lit, shownIn, deck, sky, hourly, lampsOn]);
  return useJob('sight', request, {
    of: (asked) => asked,
    work: (w, id, asked, progress): Promise<SightAnswer | NoAnswer> => w.sight(id, asked, progress),
  });
}
