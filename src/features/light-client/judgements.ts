'use client';

import type { NoAnswer } from '@/core/engine/light-protocol';
import { useMemo } from 'react';
import { withoutLights } from '@/core/engine/lit-room';
import type {
  CellsAnswer,
  FightsAnswer,
  JudgementWorker,
  NextAnswer,
  NextRequest,
  PairAnswer,
} from '@/core/engine/judgement-protocol';
import type { Remote } from 'comlink';
import type { Candidate } from '@/core/record/candidate';
import { wishesOf, type Room } from '@/core/record/room';
import type { RecordedStay } from '@/core/record/stay';
import { useJob } from './light-worker';
import { judgedThings } from '@/core/engine/judged-things';
import { candidateSwatch } from '@/core/engine/swatches';
import { useAdvisedRoom, useDayRequest, useLookIn, useScale } from './room-day';
import { useRoom } from '../session/visit-context';

/** A candidate beside one thing through the day; nothing is asked while one is missing. */
export function usePairThroughDay(roomId: string, candidate: Candidate | undefined, stay: RecordedStay | undefined) {
  const { request: day } = useDayRequest(roomId);
  const room = useRoom(roomId);
  const lookIn = useLookIn(room, useScale(roomId));
  const thing = judgedThings(room).find((t) => t.id === stay?.id);
  const request = useMemo(
    () => (candidate && thing ? { day, lookIn, stay: thing, candidate: candidateSwatch(candidate) } : undefined),
    [day, lookIn, candidate, thing],
  );
  return useJob('pair', request, { work: (w, id, asked): Promise<PairAnswer | NoAnswer> => w.pair(id, asked) });
}

/** What is predicted for every cell of a room's record. */
export function useCells(roomId: string) {
  const room = useRoom(roomId);
  const advised = useAdvisedRoom(roomId);
  const things = judgedThings(room);
  const request = useMemo(() => {
    if (!advised || things.length === 0 || room.candidates.length === 0) return undefined;
    return { ...advised, stays: things, candidates: room.candidates.map(candidateSwatch) };
  }, [advised, things, room.candidates]);
  return useJob('cells', request, {
    of: withoutLights,
    work: (w, id, asked): Promise<CellsAnswer | NoAnswer> => w.cells(id, asked),
  });
}

/** What stays and fights what is wanted of a room; nothing is asked without a wish, or without anything that stays. */
export function useFights(room: Room) {
  const advised = useAdvisedRoom(room.id);
  const wishes = useMemo(() => wishesOf(room), [room]);
  const things = judgedThings(room);
  const request = useMemo(
    () => (advised && wishes.length > 0 && things.length > 0 ? { ...advised, wishes, stays: things } : undefined),
    [advised, wishes, things],
  );
  return useJob('fights', request, {
    of: withoutLights,
    work: (w, id, asked): Promise<FightsAnswer | NoAnswer> => w.fights(id, asked),
  });
}

/** The set of samples that each worker has: thousands of colours, sent once and not with every verdict. */
const samplesIn = new WeakMap<object, string>();
function askNext(
  worker: Remote<JudgementWorker>,
  id: number,
  { samples, ...request }: NextRequest,
): Promise<NextAnswer | NoAnswer> {
  // what is sent first arrives first
  if (samplesIn.get(worker) !== samples.name) void worker.keepSamples(samples);
  samplesIn.set(worker, samples.name);
  return worker.next(id, request);
}

/** What to look at next. `name` stands for the samples, which are too many to compare. */
export function useNextSamples(name: string, request: NextRequest | undefined) {
  return useJob(`next ${name}`, request, {
    of: (asked) => ({ ...withoutLights(asked), samples: name }),
    work: askNext,
  });
}
