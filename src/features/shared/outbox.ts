import { operationSchema, type Operation, type WriteResult } from '@/core/formats/operations';

const PREFIX = 'elm-swatch.outbox.';

/**
 * What was said and is not saved yet, kept in the browser, one entry each, so that a closed page or a stopped server loses nothing. Sending
 * one twice does no harm: the server does an operation once.
 */
export function keep(operation: Operation): void {
  localStorage.setItem(PREFIX + operation.id, JSON.stringify(operation));
}

export const forget = (id: string): void => localStorage.removeItem(PREFIX + id);

/** Everything kept, oldest first (UUID v7 sorts by time). */
export function kept(): Operation[] {
  const keys = Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i)!);
  return keys
    .filter((key) => key.startsWith(PREFIX))
    .sort()
    .flatMap((key) => {
      try {
        return [operationSchema.parse(JSON.parse(localStorage.getItem(key)!))];
      } catch {
        localStorage.removeItem(key); // written by another version or damaged: it could never be sent
        return [];
      }
    });
}

/** A refusal that sending again cannot change. */
export const isFinal = (result: WriteResult): boolean => result.ok || result.reason !== 'failed';
