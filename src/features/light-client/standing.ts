'use client';

import { useDeferredValue } from 'react';
import type { NoAnswer, Swatch } from '@/core/engine/light-protocol';
import type { StandingAnswer } from '@/core/engine/standing-room';
import { useCursorPart } from '../cursor/cursor';
import { useRoomItself } from '../session/visit-context';
import { latest, useJob } from './light-worker';
import { momentIndex, useDayRequest, useLookIn, useRoomDay, useScale } from './room-day';

/** The room as one stands in it at the cursor, with other walls where some are given; the last picture while the next is computed. */
export function useStanding(roomId: string, walls: Swatch | null) {
  const room = useRoomItself(roomId);
  const { request: day } = useDayRequest(roomId);
  const lookIn = useLookIn(room, useScale(roomId));
  const moments = latest(useRoomDay(roomId));
  const moment = useDeferredValue(useCursorPart((m) => (moments ? momentIndex(moments, m.at) : 0)));
  const asked = moments ? { day, moment, lookIn, walls } : undefined;
  return useJob('standing', asked, { work: (w, id, request): Promise<StandingAnswer | NoAnswer> => w.standing(id, request) });
}
