import type { NoAnswer } from '@/core/engine/light-protocol';

/** Work in the worker: being done (how much, 0–1), done, or why not. */
export type Computed<T> =
  | { readonly state: 'computing'; readonly share: number }
  | { readonly state: 'done'; readonly value: T }
  | { readonly state: 'failed'; readonly says: string };

type Answer = { readonly ok: true } | NoAnswer;
export type Listener = (computed: Computed<unknown>) => void;
/** Begins work under a number by which it can be cancelled; tells how far it is. */
export type Job = (id: number, progress: (share: number) => void) => Promise<Answer>;

type Entry = { computed: Computed<unknown>; readonly id: number; readonly listeners: Set<Listener> };

export const COMPUTING = { state: 'computing', share: 0 } as const;
const FAILED = { state: 'failed', says: 'The light could not be computed on this device.' } as const;

/**
 * Work by its request: whoever asks for the same waits for the same. Answers are kept, so that going back is at once: the latest `most` of
 * those that nobody shows, and all that someone shows. What nobody waits for any more is cancelled once the screen has settled.
 */
export function makeJobs(cancel: (id: number) => void, most: number) {
  const entries = new Map<string, Entry>();
  let lastId = 0;

  function tell(entry: Entry, computed: Computed<unknown>): void {
    entry.computed = computed;
    entry.listeners.forEach((listener) => listener(computed));
  }

  function leaveSome(): void {
    const idle = [...entries].filter(([, { listeners, computed }]) => listeners.size === 0 && computed.state === 'done');
    for (const [key] of idle.slice(0, Math.max(0, idle.length - most))) entries.delete(key);
  }

  function begin(key: string, job: Job): Entry {
    const entry: Entry = { computed: COMPUTING, id: ++lastId, listeners: new Set() };
    entries.set(key, entry);
    job(entry.id, (share) => entry.computed.state === 'computing' && tell(entry, { state: 'computing', share }))
      .then((answer) => {
        if (answer.ok) tell(entry, { state: 'done', value: answer });
        else if (answer.reason === 'cannot-be') tell(entry, { state: 'failed', says: answer.says });
      })
      .catch(() => tell(entry, FAILED));
    return entry;
  }

  return {
    /** How it stands with what was asked by this key. */
    stateOf: (key: string): Computed<unknown> => entries.get(key)?.computed ?? COMPUTING,
    /**
     * Waits for work, begun now or before; answers how to stop waiting. `seen` is what the one who asks has shown: where it has changed
     * since, it is told at once, for work goes on between a look and a question.
     */
    ask(key: string, job: Job, seen: Computed<unknown>, listener: Listener): () => void {
      const entry = entries.get(key) ?? begin(key, job);
      entry.listeners.add(listener);
      if (entry.computed !== seen) listener(entry.computed);
      return () => {
        entry.listeners.delete(listener);
        setTimeout(() => {
          if (entry.listeners.size > 0 || entries.get(key) !== entry) return;
          if (entry.computed.state === 'done') return leaveSome();
          entries.delete(key);
          if (entry.computed.state === 'computing') cancel(entry.id);
        });
      };
    },
  };
}
