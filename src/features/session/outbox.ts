import { parsedJson } from '@/core/base/parsed-json';
import type { Refusal } from '@/core/operations/operation';
import type { Operation } from '@/core/operations/operations';
import { readOperation } from '@/core/operations/upgrade';
import type { TextStorage } from './ports';

const WAITING = 'elm-swatch.outbox.';
const ASIDE = 'elm-swatch.aside.';

/** An operation that was refused for ever, or could not be read any more, and waits for the person to decide. */
export type SetAside = { readonly id: string; readonly operation: Operation | undefined; readonly refusal: Refusal };

/**
 * What was said and is not saved yet, kept in the browser, one entry each, so that a closed page or a stopped server loses nothing. Sending
 * one twice does no harm: the server does an operation once. Nothing is ever thrown away unseen.
 */
export function makeOutbox(storage: TextStorage) {
  const keysOf = (prefix: string) => [...storage.keys()].filter((key) => key.startsWith(prefix)).sort();
  const setAside = (id: string, given: unknown, refusal: Refusal) => {
    storage.set(ASIDE + id, JSON.stringify({ operation: given, refusal }));
    storage.remove(WAITING + id);
  };
  return {
    /** False when the browser has no room for it: then it lives as long as the page. */
    keep(operation: Operation): boolean {
      try {
        storage.set(WAITING + operation.id, JSON.stringify(operation));
        return true;
      } catch {
        return false;
      }
    },
    forget: (id: string): void => storage.remove(WAITING + id),
    /** Everything that waits, oldest first (UUID v7 sorts by time); what cannot be read is set aside. */
    waiting(): Operation[] {
      return keysOf(WAITING).flatMap((key) => {
        const text = storage.get(key)!;
        const read = readOperation(parsedJson(text));
        if (read.success) return [read.data];
        setAside(key.slice(WAITING.length), text, { reason: 'invalid', issues: [] });
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
          refusal: entry?.refusal ?? { reason: 'invalid', issues: [] },
        };
      });
    },
    /** The person has seen it and lets it go, or it is sent once more. */
    letGo: (id: string): void => storage.remove(ASIDE + id),
  };
}
export type Outbox = ReturnType<typeof makeOutbox>;
