import { useSyncExternalStore } from 'react';
import type { ObservedText } from './browser-text';

/** A text that the browser keeps, as it is now; null where nothing is kept, and on the server. */
export const useStoredText = (storage: ObservedText, key: string): string | null =>
  useSyncExternalStore(
    storage.subscribe,
    () => storage.get(key),
    () => null,
  );
