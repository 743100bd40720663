import type { Applied, ApplyResult } from '@/core/operations/revision';
import { batchId, type Batch } from '@/core/operations/operations';
import type { TextStorage, Timer } from '@/features/session/ports';

/** Text kept in memory, for tests. */
export function storageInMemory(): TextStorage {
  const map = new Map<string, string>();
  return {
    keys: () => [...map.keys()],
    get: (key) => map.get(key) ?? null,
    set: (key, text) => map.set(key, text).has(key),
    remove: (key) => void map.delete(key),
  };
}

/** A clock that stands still until it is told to go on. */
export function clockByHand() {
  let now = 0;
  let due: { at: number; run: () => void }[] = [];
  const timer: Timer = (ms, run) => {
    const entry = { at: now + ms, run };
    due.push(entry);
    return () => void (due = due.filter((d) => d !== entry));
  };
  return {
    timer,
    /** When the next thing is due, milliseconds from now; undefined when nothing is. */
    next: () => (due.length === 0 ? undefined : Math.min(...due.map((d) => d.at)) - now),
    async pass(ms: number) {
      now += ms;
      const ready = due.filter((d) => d.at <= now);
      due = due.filter((d) => d.at > now);
      for (const { run } of ready) run();
      await settled();
    },
  };
}

/** Lets everything that is ready be done. */
export async function settled(): Promise<void> {
  for (let i = 0; i < 30; i++) await Promise.resolve();
}

/** A journal that does every operation, one place after the other. */
export function journal(from = 0) {
  let seq = from;
  return {
    apply: (batch: Batch): Applied => ({
      ok: true,
      id: batchId(batch),
      done: { operations: batch, before: seq, after: (seq += batch.length) },
    }),
    skip: (n: number) => (seq += n),
  };
}

export type Script = (batch: Batch) => ApplyResult | 'away';
