'use client';

import { proxy, wrap, type Remote } from 'comlink';
import { useEffect, useMemo, useState } from 'react';
import type { LightsAnswer, LitRoom } from '@/core/engine/lit-room';
import type { JudgementWorker } from '@/core/engine/judgement-protocol';
import type {
  BandsAnswer,
  DayAnswer,
  DayRequest,
  DaylightFactorAnswer,
  HexesAnswer,
  LookIn,
  MomentRequest,
  NoAnswer,
  RoomLightWorker,
  SpotsAnswer,
  Swatch,
} from '@/core/engine/light-protocol';
import type { PlanWorker } from '@/core/engine/plan-protocol';
import type { PieceAnswer, PieceRequest, SchemeWorker } from '@/workers/scheme-worker';
import type { Lab } from '@/core/colour/types';
import { asKey } from './as-key';
import { judgeFor, pageEye, useEye, type PageEye } from './eye';
import { COMPUTING, makeJobs, type Computed } from './jobs';

export type { Computed } from './jobs';

type PageWorker = RoomLightWorker & JudgementWorker & PlanWorker & SchemeWorker;
let worker: Remote<PageWorker> | undefined;

/** The one worker of this page, started when it is first needed. */
function roomLight(): Remote<PageWorker> {
  if (worker) return worker;
  worker = wrap<PageWorker>(new Worker(new URL('../../workers/room-light.worker.ts', import.meta.url), { type: 'module' }));
  const { factors } = pageEye();
  if (factors) void worker.judgeFor(factors);
  return worker;
}
/** Judges for an eye from now on, here and in the worker. */
export const judgeForEye = (told: Pick<PageEye, 'factors' | 'says'> | null): void =>
  judgeFor(told, (factors) => void worker?.judgeFor(factors));

const jobs = makeJobs((id) => void roomLight().cancel(id), 60);

type Asking<R, T> = {
  /** What tells one request from another, where that is less than all of it. */
  readonly of?: (request: R) => object;
  readonly work: (worker: Remote<PageWorker>, id: number, request: R, progress: (share: number) => void) => Promise<T | NoAnswer>;
};

/** What was computed, or, while it is computed anew, what was before. */
export const latest = <T>(computed: Computed<T> & { readonly before?: T | undefined }): T | undefined =>
  computed.state === 'done' ? computed.value : computed.before;

/**
 * Asks the worker whenever the request changes and forgets the answer to what is no longer asked, which is cancelled. While a new answer
 * is being computed the last one stays in `before`. No request asks nothing.
 */
export function useJob<R extends object, T extends { readonly ok: true }>(
  name: string,
  request: R | undefined,
  { of, work }: Asking<R, T>,
): Computed<T> & { readonly before?: T | undefined } {
  // what a job has come to is read anew at each render, not remembered by its key
  'use no memo';
  const { mark } = useEye();
  const key = request && `${mark}${asKey(name, of ? of(request) : request)}`;
  const [, setTold] = useState<Computed<unknown>>(COMPUTING);
  const [before, setBefore] = useState<T>();
  const computed = key === undefined ? COMPUTING : (jobs.stateOf(key) as Computed<T>);
  if (computed.state === 'done' && computed.value !== before) setBefore(computed.value);
  useEffect(() => {
    if (key === undefined || request === undefined) return;
    return jobs.ask(key, (id, progress) => work(roomLight(), id, request, proxy(progress)), computed, setTold);
    // the key says all that the job depends on
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  return useMemo(() => ({ ...computed, before }), [computed, before]);
}

/** A room through a day; undefined asks nothing. */
export const useDayLight = (request: DayRequest | undefined) =>
  useJob('day', request, { work: (w, id, asked, progress): Promise<DayAnswer | NoAnswer> => w.day(id, asked, progress) });

/** The daylight factor of a room. */
export const useDaylightFactor = (room: DayRequest['room']) =>
  useJob('daylight factor', room, {
    work: (w, id, asked): Promise<DaylightFactorAnswer | NoAnswer> => w.daylightFactor(id, asked),
  });

/** The lights a room is used in; undefined asks nothing. */
export const useLightsOfUse = (room: LitRoom | undefined) =>
  useJob('lights', room, { work: (w, id, asked): Promise<LightsAnswer | NoAnswer> => w.lights(id, asked) });

type BandsRequest = { readonly day: DayRequest; readonly swatches: readonly Swatch[]; readonly lookIn: LookIn };
/** Swatches through a day. */
export const useBands = (request: BandsRequest | undefined) =>
  useJob('bands', request, { work: (w, id, asked, progress): Promise<BandsAnswer | NoAnswer> => w.bands(id, asked, progress) });

type SpotsRequest = { readonly moment: MomentRequest; readonly swatches: readonly Swatch[] };
/** Positions of a room at one moment. */
export const useSpots = (request: SpotsRequest | undefined) =>
  useJob('spots', request, {
    work: (w, id, asked): Promise<SpotsAnswer | NoAnswer> => w.spots(id, asked.moment, asked.swatches),
  });

type HexesRequest = {
  readonly day: DayRequest;
  readonly moment: number;
  readonly labs: readonly Lab[];
  readonly lookIn: LookIn;
};
/** Colours as they look, with the name of what was asked. */
export type NamedHexes = HexesAnswer & { readonly name: string };

/** Many colours at one moment. `name` stands for the colours, which are too many to compare. */
export const useHexes = (name: string, request: HexesRequest | undefined) =>
  useJob(`hexes ${name}`, request, {
    of: ({ day, moment, lookIn }) => ({ day, moment, lookIn }),
    work: async (w, id, asked): Promise<NamedHexes | NoAnswer> => {
      const answer = await w.hexes(id, asked);
      return answer.ok ? { ...answer, name } : answer;
    },
  });

/** The number of what is never cancelled: jobs are counted from 1. */
const ONCE = 0;

/** The colours of a piece out of a picture, asked once and not kept. */
export async function pieceOnce(request: PieceRequest): Promise<PieceAnswer | NoAnswer> {
  return roomLight().piece(ONCE, request);
}

/** One moment, asked once and not kept: for a reading beside what is computed. */
export async function spotsOnce(moment: MomentRequest): Promise<SpotsAnswer | NoAnswer> {
  return roomLight().spots(ONCE, moment, []);
}
