import { Worker } from 'node:worker_threads';
import type { FoundPlace } from './find-places';
import { onePerProcess } from '../one-per-process';

export type ToPlaces = { readonly id: number; readonly text: string };
export type FromPlaces = { readonly id: number; readonly places: readonly FoundPlace[] };

type Asking = { readonly resolve: (places: readonly FoundPlace[]) => void; readonly reject: (error: Error) => void };
type Thread = { readonly worker: Worker; readonly waiting: Map<number, Asking>; count: number };
const kept = onePerProcess<{ thread?: Thread | undefined }>('places', () => ({}));

function thread(): Thread {
  const before = kept.thread;
  if (before) return before;
  const worker = new Worker(new URL('./places.worker.ts', import.meta.url));
  const made: Thread = { worker, waiting: new Map(), count: 0 };
  // it must not keep the server from stopping
  worker.unref();
  worker.on('message', ({ id, places }: FromPlaces) => {
    made.waiting.get(id)?.resolve(places);
    made.waiting.delete(id);
  });
  const fail = (error: Error) => {
    for (const { reject } of made.waiting.values()) reject(error);
    if (kept.thread === made) kept.thread = undefined;
  };
  worker.once('error', fail);
  worker.once('exit', () => fail(new Error('the thread of places ended')));
  return (kept.thread = made);
}

/** Towns for what was typed, found beside the main thread. */
export function askPlaces(text: string): Promise<readonly FoundPlace[]> {
  const { worker, waiting, count } = thread();
  thread().count = count + 1;
  return new Promise((resolve, reject) => {
    waiting.set(count, { resolve, reject });
    worker.postMessage({ id: count, text } satisfies ToPlaces);
  });
}
