'use client';

import { useEffect, useState } from 'react';
import type { Sheet } from '@/server/deck/queries';

export type { Sheet };
export type SheetState =
  | { readonly state: 'loading' }
  | { readonly state: 'failed'; readonly retry: () => void }
  | { readonly state: 'ready'; readonly sheet: Sheet };

type Loaded = { readonly id: string; readonly attempt: number; readonly sheet: Sheet | undefined };

/** The sheet of a deck colour, computed by the server from its formula or its Lab. */
export function useSheet(colourId: string): SheetState {
  const [attempt, setAttempt] = useState(0);
  const [loaded, setLoaded] = useState<Loaded>();
  useEffect(() => {
    const stop = new AbortController();
    const settle = (sheet: Sheet | undefined) => {
      if (!stop.signal.aborted) setLoaded({ id: colourId, attempt, sheet });
    };
    fetch(`/api/deck/${encodeURIComponent(colourId)}`, { signal: stop.signal })
      .then(async (response) => settle(response.ok ? ((await response.json()) as Sheet) : undefined))
      .catch(() => settle(undefined));
    return () => stop.abort();
  }, [colourId, attempt]);
  if (!loaded || loaded.id !== colourId || loaded.attempt !== attempt) return { state: 'loading' };
  return loaded.sheet ? { state: 'ready', sheet: loaded.sheet } : { state: 'failed', retry: () => setAttempt((n) => n + 1) };
}
