'use client';

import { proxy, wrap, type Remote } from 'comlink';
import { useEffect, useState } from 'react';
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
import type { Lab } from '@/core/colour/types';
import { asKey } from './as-key';

type PageWorker = RoomLightWorker & JudgementWorker;
/** The light of a room is computed by one worker and colours are judged in it by another, so that a search need not wait for the day. */
type Task = 'light' | 'judging';
const workers = new Map<Task, Remote<PageWorker>>();
let lastId = 0;

/** The worker of this page for a task, started when it is first needed. */
function workerFor(task: Task): Remote<PageWorker> {
  const known = workers.get(task);
  if (known) return known;
  const started = wrap<PageWorker>(
    new Worker(new URL('../../workers/room-light.worker.ts', import.meta.url), { type: 'module' }),
  );
  workers.set(task, started);
  return started;
}

/** Work in the worker: being done (how much, 0–1), done, or why not. */
export type Computed<T> =
  | { readonly state: 'computing'; readonly share: number }
  | { readonly state: 'done'; readonly value: T }
  | { readonly state: 'failed'; readonly says: string };

const COMPUTING = { state: 'computing', share: 0 } as const;
type Job<T> = (worker: Remote<PageWorker>, id: number, progress: (share: number) => void) => Promise<T | NoAnswer>;

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

/**
 * Asks the worker whenever `key` changes and forgets the answer to what is no longer asked, which is cancelled. While a new answer is being
 * computed the last one stays in `before`. No key asks nothing.
 */
export function useJob<T extends { readonly ok: true }>(
  key: string | undefined,
  job: Job<T>,
  task: Task = 'light',
): Computed<T> & { readonly before?: T | undefined } {
  const [found, setFound] = useState<{ readonly key: string; readonly computed: Computed<T> }>();
  const [before, setBefore] = useState<T>();
  useEffect(() => {
    if (key === undefined || kept.has(key)) return;
    const id = ++lastId;
    let wanted = true;
    let over = false;
    const settle = (computed: Computed<T>) => wanted && setFound({ key, computed });
    const progress = proxy((share: number) => void settle({ state: 'computing', share }));
    const remote = workerFor(task);
    job(remote, id, progress)
      .then((answer) => {
        if (!answer.ok) return answer.reason === 'cannot-be' && settle({ state: 'failed', says: answer.says });
        keep(key, answer);
        if (wanted) setBefore(answer);
        return settle({ state: 'done', value: answer });
      })
      .catch(() => settle({ state: 'failed', says: 'The light could not be computed on this device.' }))
      .finally(() => (over = true));
    return () => {
      wanted = false;
      if (!over) void remote.cancel(id);
    };
    // the key says all that the job depends on
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  if (key !== undefined && kept.has(key)) return { state: 'done', value: kept.get(key) as T, before };
  if (found?.key === key && found) return { ...found.computed, before };
  return { ...COMPUTING, before };
}

/** A room through a day; undefined asks nothing. */
export const useDayLight = (request: DayRequest | undefined) =>
  useJob<DayAnswer>(asKey('day', request), (w, id, progress) => w.day(id, request!, progress));

type BandsRequest = { readonly day: DayRequest; readonly swatches: readonly Swatch[]; readonly lookIn: LookIn };
/** Swatches through a day. */
export const useBands = (request: BandsRequest | undefined) =>
  useJob<BandsAnswer>(asKey('bands', request), (w, id, progress) => w.bands(id, request!, progress));

type SpotsRequest = { readonly moment: MomentRequest; readonly swatches: readonly Swatch[] };
/** Positions of a room at one moment. */
export const useSpots = (request: SpotsRequest | undefined) =>
  useJob<SpotsAnswer>(asKey('spots', request), (w, id) => w.spots(id, request!.moment, request!.swatches));

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
  useJob<NamedHexes>(
    request && asKey(`hexes ${name}`, { day: request.day, moment: request.moment, lookIn: request.lookIn }),
    async (w, id) => {
      const answer = await w.hexes(id, request!);
      return answer.ok ? { ...answer, name } : answer;
    },
  );

/** One moment, asked once and not kept: for a reading beside what is computed. */
export async function spotsOnce(moment: MomentRequest): Promise<SpotsAnswer | NoAnswer> {
  return workerFor('light').spots(++lastId, moment, []);
}
