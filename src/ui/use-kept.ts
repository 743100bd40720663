import { useCallback } from 'react';
import { windowText } from './browser-text';
import { useStoredText } from './use-stored-text';

/** State that this window remembers between screens; text only. It is `usual` until something is kept that is allowed. */
export function useKept<T extends string>(name: string, usual: T, allowed: readonly T[]): readonly [T, (value: T) => void] {
  const key = `elm-swatch.${name}`;
  const kept = useStoredText(windowText, key);
  const set = useCallback((next: T) => void windowText.set(key, next), [key]);
  return [allowed.find((one) => one === kept) ?? usual, set];
}
