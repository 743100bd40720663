'use client';

import { useMemo } from 'react';
import type { CellsAnswer, NextAnswer, NextRequest, PairAnswer } from '@/core/engine/judgement-protocol';
import type { Candidate } from '@/core/record/candidate';
import type { RecordedStay } from '@/core/record/stay';
import { asKey } from './as-key';
import { useJob } from './light-worker';
import { candidateSwatch, judgedStay } from '@/core/engine/swatches';
import { useDayRequest, useLookIn, useScale } from './room-day';
import { useRoom } from '../session/visit-context';

/** A candidate beside one thing through the day; nothing is asked while one is missing. */
export function usePairThroughDay(roomId: string, candidate: Candidate | undefined, stay: RecordedStay | undefined) {
  const { request: day } = useDayRequest(roomId);
  const lookIn = useLookIn(useRoom(roomId), useScale(roomId));
  const request = useMemo(
    () => (candidate && stay ? { day, lookIn, stay: judgedStay(stay), candidate: candidateSwatch(candidate) } : undefined),
    [day, lookIn, candidate, stay],
  );
  return useJob<PairAnswer>(asKey('pair', request), (w, id) => w.pair(id, request!));
}

/** What is predicted for every cell of a room's record. */
export function useCells(roomId: string) {
  const room = useRoom(roomId);
  const { request: day } = useDayRequest(roomId);
  const lookIn = useLookIn(room, useScale(roomId));
  const request = useMemo(() => {
    if (room.stays.length === 0 || room.candidates.length === 0) return undefined;
    // the record's lights are its own: neither the ribbon's sky nor its lamps change them
    return {
      day: { ...day, skies: 'clear' as const },
      lookIn: { ...lookIn, lampsOn: false },
      stays: room.stays.map(judgedStay),
      candidates: room.candidates.map(candidateSwatch),
    };
  }, [day, lookIn, room.stays, room.candidates]);
  return useJob<CellsAnswer>(asKey('cells', request), (w, id) => w.cells(id, request!));
}

/** What to look at next. `name` stands for the samples, which are too many to compare. */
export function useNextSamples(name: string, request: NextRequest | undefined) {
  const key = request && asKey(`next ${name}`, { said: request.said, stays: request.stays });
  return useJob<NextAnswer>(key, (w, id) => w.next(id, request!));
}
