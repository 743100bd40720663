import { useCallback, useEffect, useState } from 'react';
import { windowText } from './browser-text';

/** State that this window remembers between screens; text only. It begins at `initial` and takes up what was kept once the page runs. */
export function useKept<T extends string>(name: string, initial: T, allowed: readonly T[]): readonly [T, (value: T) => void] {
  const key = `elm-swatch.${name}`;
  const [value, setValue] = useState<T>(initial);
  useEffect(() => {
    const frame = requestAnimationFrame(() => {
      const kept = windowText.get(key) as T | null;
      if (kept !== null && allowed.includes(kept)) setValue(kept);
    });
    return () => cancelAnimationFrame(frame);
    // what is allowed never changes for a name
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  const set = useCallback(
    (next: T) => {
      windowText.set(key, next);
      setValue(next);
    },
    [key],
  );
  return [value, set];
}
