'use client';

import { proxy, wrap, type Remote } from 'comlink';
import { useEffect, useState } from 'react';
import type { LightsAnswer, LitRoom } from '@/core/engine/lit-room';
import type { JudgementWorker } from '@/core/engine/judgement-protocol';
import type {
  BandsAnswer,
  DayAnswer,
  DayRequest,
  HexesAnswer,
  LookIn,
  MomentRequest,
  NoAnswer,
  RoomLightWorker,
  SpotsAnswer,
  Swatch,
} from '@/core/engine/light-protocol';
import type { PlanWorker } from '@/core/engine/plan-protocol';
import type { Lab } from '@/core/colour/types';
import { asKey } from './as-key';

type PageWorker = RoomLightWorker & JudgementWorker & PlanWorker;
let worker: Remote<PageWorker> | undefined;
let lastId = 0;

/** The one worker of this page, started when it is first needed. */
const roomLight = (): Remote<PageWorker> =>
  (worker ??= wrap<PageWorker>(new Worker(new URL('../../workers/room-light.worker.ts', import.meta.url), { type: 'module' })));

/** Work in the worker: being done (how much, 0–1), done, or why not. */
export type Computed<T> =
  | { readonly state: 'computing'; readonly share: number }
  | { readonly state: 'done'; readonly value: T }
  | { readonly state: 'failed'; readonly says: string };

const COMPUTING = { state: 'computing', share: 0 } as const;
type Job<T> = (worker: Remote<PageWorker>, id: number, progress: (share: number) => void) => Promise<T | NoAnswer>;
type Asking<R, T> = {
  /** What tells one request from another, where that is less than all of it. */
  readonly of?: (request: R) => object;
  readonly work: (worker: Remote<PageWorker>, id: number, request: R, progress: (share: number) => void) => Promise<T | NoAnswer>;
};

/** Answers of this page by their request, so that going back is at once. */
const kept = new Map<string, unknown>();
const MOST_KEPT = 60;
function keep(key: string, value: unknown): void {
  kept.set(key, value);
  if (kept.size > MOST_KEPT) kept.delete(kept.keys().next().value!);
}

/** What was computed, or, while it is computed anew, what was before. */
export const latest = <T>(computed: Computed<T> & { readonly before?: T | undefined }): T | undefined =>
  computed.state === 'done' ? computed.value : computed.before;

type Listener = (computed: Computed<unknown>) => void;
/** Work that is going on, by its request: whoever asks for the same waits for the same. */
const running = new Map<string, { readonly cancel: () => void; readonly listeners: Set<Listener> }>();

const FAILED = { state: 'failed', says: 'The light could not be computed on this device.' } as const;

/** Begins work and tells everyone who listens what comes of it. */
function begin<T extends { readonly ok: true }>(key: string, job: Job<T>) {
  const id = ++lastId;
  const remote = roomLight();
  const listeners = new Set<Listener>();
  const work = { listeners, cancel: () => void remote.cancel(id) };
  const tell = (computed: Computed<unknown>) => listeners.forEach((listener) => listener(computed));
  running.set(key, work);
  job(
    remote,
    id,
    proxy((share: number) => tell({ state: 'computing', share })),
  )
    .then((answer) => {
      if (answer.ok) {
        keep(key, answer);
        return tell({ state: 'done', value: answer });
      }
      return answer.reason === 'cannot-be' && tell({ state: 'failed', says: answer.says });
    })
    .catch(() => tell(FAILED))
    .finally(() => running.get(key) === work && running.delete(key));
  return work;
}

/**
 * Waits for work, begun now or before; answers how to stop waiting. What nobody waits for any more is cancelled, once the screen has
 * settled.
 */
function join<T extends { readonly ok: true }>(key: string, job: Job<T>, listener: Listener): () => void {
  const joined = running.get(key) ?? begin(key, job);
  joined.listeners.add(listener);
  return () => {
    joined.listeners.delete(listener);
    setTimeout(() => {
      if (joined.listeners.size > 0 || running.get(key) !== joined) return;
      running.delete(key);
      joined.cancel();
    });
  };
}

/**
 * Asks the worker whenever the request changes and forgets the answer to what is no longer asked, which is cancelled. While a new answer
 * is being computed the last one stays in `before`. No request asks nothing.
 */
export function useJob<R extends object, T extends { readonly ok: true }>(
  name: string,
  request: R | undefined,
  { of, work }: Asking<R, T>,
): Computed<T> & { readonly before?: T | undefined } {
  const key = request && asKey(name, of ? of(request) : request);
  const [found, setFound] = useState<{ readonly key: string; readonly computed: Computed<T> }>();
  const [before, setBefore] = useState<T>();
  useEffect(() => {
    if (key === undefined || request === undefined || kept.has(key)) return;
    return join<T>(
      key,
      (w, id, progress) => work(w, id, request, progress),
      (said) => {
        const computed = said as Computed<T>;
        if (computed.state === 'done') setBefore(computed.value);
        setFound({ key, computed });
      },
    );
    // the key says all that the job depends on
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  if (key !== undefined && kept.has(key)) return { state: 'done', value: kept.get(key) as T, before };
  if (found?.key === key && found) return { ...found.computed, before };
  return { ...COMPUTING, before };
}

/** A room through a day; undefined asks nothing. */
export const useDayLight = (request: DayRequest | undefined) =>
  useJob('day', request, { work: (w, id, asked, progress): Promise<DayAnswer | NoAnswer> => w.day(id, asked, progress) });

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

/** One moment, asked once and not kept: for a reading beside what is computed. */
export async function spotsOnce(moment: MomentRequest): Promise<SpotsAnswer | NoAnswer> {
  return roomLight().spots(++lastId, moment, []);
}
