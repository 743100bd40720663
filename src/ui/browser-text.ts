import { makeListeners } from './listeners';

/** Text by its key. Never fails: what the browser has no room for, or keeps nothing of at all, lives as long as the page. */
export type TextStorage = {
  readonly keys: () => readonly string[];
  readonly get: (key: string) => string | null;
  /** False when it lives only as long as the page. */
  readonly set: (key: string, text: string) => boolean;
  readonly remove: (key: string) => void;
};

/** The same, with who is told when a text changes, in this page or, where it is shared, in another window. */
export type ObservedText = TextStorage & { readonly subscribe: (listener: () => void) => () => void };

/** What `work` gives, or what stands for it where the browser's storage is off. */
function tried<T>(work: () => T, otherwise: T): T {
  try {
    return work();
  } catch {
    return otherwise;
  }
}

/** A browser's storage, with the page's memory for what it does not take. `storage` may throw: a browser can refuse it altogether. */
export function textIn(storage: () => Storage): ObservedText {
  const memory = new Map<string, string>();
  const { tell, subscribe } = makeListeners();
  const stored = (): string[] =>
    tried(() => {
      const kept = storage();
      return Array.from({ length: kept.length }, (_, i) => kept.key(i)!);
    }, []);
  return {
    keys: () => [...new Set([...stored(), ...memory.keys()])],
    get: (key) => memory.get(key) ?? tried(() => storage().getItem(key), null),
    set(key, text) {
      const kept = tried(() => {
        storage().setItem(key, text);
        return true;
      }, false);
      if (kept) memory.delete(key);
      else memory.set(key, text);
      tell();
      return kept;
    },
    remove(key) {
      memory.delete(key);
      tried(() => storage().removeItem(key), undefined);
      tell();
    },
    subscribe(listener) {
      const end = subscribe(listener);
      globalThis.addEventListener?.('storage', listener);
      return () => {
        end();
        globalThis.removeEventListener?.('storage', listener);
      };
    },
  };
}

/** What this browser keeps for all its windows, and what it keeps for this one. */
export const localText: ObservedText = textIn(() => localStorage);
export const windowText: ObservedText = textIn(() => sessionStorage);
