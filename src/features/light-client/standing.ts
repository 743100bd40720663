'use client';

import { useDeferredValue } from 'react';
import type { NoAnswer } from '@/core/engine/light-protocol';
import type { Dress } from '@/core/engine/standing-dress';
import type { StandingAnswer } from '@/core/engine/standing-room';
import { useCursorPart } from '../cursor/cursor';
import { useRoomItself } from '../session/visit-context';
import { latest, useJob } from './light-worker';
import { momentIndex, useDayRequest, useLookIn, useRoomDay, useScale } from './room-day';

/** The room as one stands in it at the cursor, with what it has on; the last picture while the next is computed. */
export function useStanding(roomId: string, dress: Dress | null) {
  const room = useRoomItself(roomId);
  const { request: day } = useDayRequest(roomId);
  const lookIn = useLookIn(room, useScale(roomId));
  const moments = latest(useRoomDay(roomId));
  const moment = useDeferredValue(useCursorPart((m) => (moments ? momentIndex(moments, m.at) : 0)));
  const asked = moments ? { day, moment, lookIn, dress } : undefined;
  return useJob('standing', asked, { work: (w, id, request): Promise<StandingAnswer | NoAnswer> => w.standing(id, request) });
}
