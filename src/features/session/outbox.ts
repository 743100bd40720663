import { parsedJson } from '@/core/base/parsed-json';
import type { Refusal } from '@/core/operations/operation';
import { batchId, type Batch } from '@/core/operations/operations';
import { readOperation } from '@/core/operations/upgrade';
import type { TextStorage } from './ports';

const WAITING = 'elm-swatch.outbox.';
const ASIDE = 'elm-swatch.aside.';
/** The last number that was given in this browser, by whichever window. */
const COUNT = 'elm-swatch.count';

/** Operations that were refused for ever, or could not be read any more, and waits for the person to decide. */
export type SetAside = {
  readonly id: string;
  /** Empty when they cannot be read any more. */
  readonly operations: Batch;
  /** What is kept, as text. */
  readonly text: string;
  readonly refusal: Refusal;
};

type Entry = { readonly n: number; readonly given: readonly unknown[]; readonly text: string };
/** Of builds from before: one operation, with its number or alone. */
type Kept = { readonly n?: unknown; readonly operation?: unknown; readonly operations?: unknown } | undefined;

const givenIn = (value: Kept): readonly unknown[] =>
  Array.isArray(value?.operations) ? (value.operations as unknown[]) : [value && 'operation' in value ? value.operation : value];

/** An entry as it is kept: with its number, or, of builds from before, an operation alone, which stands before all that have one. */
function entryOf(text: string): Entry {
  const value = parsedJson(text) as Kept;
  return { n: typeof value?.n === 'number' ? value.n : 0, given: givenIn(value), text };
}

/** All of them, or none when one cannot be read any more. */
function batchOf(given: readonly unknown[]): Batch {
  const read = given.map((one) => readOperation(one));
  return read.every((r) => r.success) ? read.map((r) => r.data) : [];
}

/**
 * What was said and is not saved yet, kept in the browser, one entry each, so that a closed page or a stopped server loses nothing. Sending
 * one twice does no harm: the server does an operation once. Nothing is ever thrown away unseen.
 */
export function makeOutbox(storage: TextStorage) {
  const keysOf = (prefix: string) => [...storage.keys()].filter((key) => key.startsWith(prefix)).sort();
  /**
   * What was kept is counted, so that its order does not hang on a clock that can be set back; by all windows of the browser together, so
   * that what was said in two of them stands in the order it was said in.
   */
  const highest = () => Math.max(0, ...keysOf(WAITING).map((key) => entryOf(storage.get(key)!).n));
  let last = 0;
  function next(): number {
    const counted = Number(storage.get(COUNT));
    last = Math.max(last, Number.isSafeInteger(counted) && counted > 0 ? counted : highest()) + 1;
    storage.set(COUNT, String(last));
    return last;
  }
  const setAside = (id: string, operations: unknown, refusal: Refusal) => {
    storage.set(ASIDE + id, JSON.stringify({ operations, refusal }));
    gone(id);
  };
  /** Where nothing waits any more nothing need be counted. */
  function gone(id: string) {
    storage.remove(WAITING + id);
    if (keysOf(WAITING).length === 0) storage.remove(COUNT);
  }
  return {
    /** False when the browser has no room for it: then it lives as long as the page. */
    keep(operations: Batch): boolean {
      return storage.set(WAITING + batchId(operations), JSON.stringify({ n: next(), operations }));
    },
    forget: (id: string): void => gone(id),
    /** Everything that waits, in the order it was kept; what cannot be read is set aside. */
    waiting(): Batch[] {
      return keysOf(WAITING)
        .map((key) => ({ key, ...entryOf(storage.get(key)!) }))
        .sort((a, b) => a.n - b.n)
        .flatMap(({ key, given, text }) => {
          const batch = batchOf(given);
          if (batch.length > 0) return [batch];
          const unread = given.every((one) => one === undefined) ? text : given;
          setAside(key.slice(WAITING.length), unread, { reason: 'invalid', issues: [] });
          return [];
        });
    },
    setAside: (batch: Batch, refusal: Refusal): void => setAside(batchId(batch), batch, refusal),
    /** What was said and is no operation: it stays as it was said until the person has seen it. */
    setAsideUnread: (id: string, said: unknown, refusal: Refusal): void => setAside(id, JSON.stringify(said), refusal),
    aside(): SetAside[] {
      return keysOf(ASIDE).map((key) => {
        const entry = parsedJson(storage.get(key)!) as (Kept & { refusal?: Refusal }) | undefined;
        const kept = entry?.operations ?? entry?.operation ?? '';
        return {
          id: key.slice(ASIDE.length),
          operations: typeof kept === 'string' ? [] : batchOf(givenIn(entry)),
          text: typeof kept === 'string' ? kept : JSON.stringify(kept),
          refusal: entry?.refusal ?? { reason: 'invalid', issues: [] },
        };
      });
    },
    /** The person has seen it and lets it go, or it is sent once more. */
    letGo: (id: string): void => storage.remove(ASIDE + id),
  };
}
export type Outbox = ReturnType<typeof makeOutbox>;
