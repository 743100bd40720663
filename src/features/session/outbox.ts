import { parsedJson } from '@/core/base/parsed-json';
import type { Refusal } from '@/core/operations/operation';
import type { Operation } from '@/core/operations/operations';
import { readOperation } from '@/core/operations/upgrade';
import type { TextStorage } from './ports';

const WAITING = 'elm-swatch.outbox.';
const ASIDE = 'elm-swatch.aside.';

/** An operation that was refused for ever, or could not be read any more, and waits for the person to decide. */
export type SetAside = {
  readonly id: string;
  readonly operation: Operation | undefined;
  /** What is kept, as text, of one that cannot be read any more. */
  readonly text: string;
  readonly refusal: Refusal;
};

type Entry = { readonly n: number; readonly given: unknown; readonly text: string };

/** An entry as it is kept: with its number, or, of builds from before, an operation alone, which stands before all that have one. */
function entryOf(text: string): Entry {
  const value = parsedJson(text) as { n?: unknown; operation?: unknown } | undefined;
  return typeof value?.n === 'number' ? { n: value.n, given: value.operation, text } : { n: 0, given: value, text };
}

/**
 * What was said and is not saved yet, kept in the browser, one entry each, so that a closed page or a stopped server loses nothing. Sending
 * one twice does no harm: the server does an operation once. Nothing is ever thrown away unseen.
 */
export function makeOutbox(storage: TextStorage) {
  const keysOf = (prefix: string) => [...storage.keys()].filter((key) => key.startsWith(prefix)).sort();
  /** What was kept is counted, so that its order does not hang on a clock that can be set back. */
  let last: number | undefined;
  const setAside = (id: string, given: unknown, refusal: Refusal) => {
    storage.set(ASIDE + id, JSON.stringify({ operation: given, refusal }));
    storage.remove(WAITING + id);
  };
  return {
    /** False when the browser has no room for it: then it lives as long as the page. */
    keep(operation: Operation): boolean {
      const n = (last ?? Math.max(0, ...keysOf(WAITING).map((key) => entryOf(storage.get(key)!).n))) + 1;
      last = n;
      return storage.set(WAITING + operation.id, JSON.stringify({ n, operation }));
    },
    forget: (id: string): void => storage.remove(WAITING + id),
    /** Everything that waits, in the order it was kept; what cannot be read is set aside. */
    waiting(): Operation[] {
      return keysOf(WAITING)
        .map((key) => ({ key, ...entryOf(storage.get(key)!) }))
        .sort((a, b) => a.n - b.n)
        .flatMap(({ key, given, text }) => {
          const read = readOperation(given);
          if (read.success) return [read.data];
          setAside(key.slice(WAITING.length), given ?? text, { reason: 'invalid', issues: [] });
          return [];
        });
    },
    setAside: (operation: Operation, refusal: Refusal): void => setAside(operation.id, operation, refusal),
    aside(): SetAside[] {
      return keysOf(ASIDE).map((key) => {
        const entry = parsedJson(storage.get(key)!) as { operation?: unknown; refusal?: Refusal } | undefined;
        const read = readOperation(entry?.operation);
        return {
          id: key.slice(ASIDE.length),
          operation: read.success ? read.data : undefined,
          text: typeof entry?.operation === 'string' ? entry.operation : JSON.stringify(entry?.operation ?? ''),
          refusal: entry?.refusal ?? { reason: 'invalid', issues: [] },
        };
      });
    },
    /** The person has seen it and lets it go, or it is sent once more. */
    letGo: (id: string): void => storage.remove(ASIDE + id),
  };
}
export type Outbox = ReturnType<typeof makeOutbox>;
