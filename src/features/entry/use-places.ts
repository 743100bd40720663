'use client';

import { useEffect, useState } from 'react';
import type { FoundPlace } from '@/server/places/find-places';

export type { FoundPlace };

const PAUSE_MS = 120;

export type PlacesState = { readonly of: string; readonly places: readonly FoundPlace[]; readonly failed: boolean };
const NONE: PlacesState = { of: '', places: [], failed: false };

/** Towns for what was typed, a moment after the typing. */
export function usePlaces(text: string): PlacesState {
  const asked = text.trim();
  const [found, setFound] = useState<PlacesState>(NONE);
  useEffect(() => {
    if (asked === '') return undefined;
    const stop = new AbortController();
    const timer = setTimeout(() => {
      fetch(`/api/places?${new URLSearchParams({ q: asked })}`, { signal: stop.signal })
        .then(async (response) => {
          if (!response.ok) throw new Error(`places: ${response.status}`);
          setFound({ of: asked, places: (await response.json()) as FoundPlace[], failed: false });
        })
        .catch(() => {
          if (!stop.signal.aborted) setFound({ of: asked, places: [], failed: true });
        });
    }, PAUSE_MS);
    return () => {
      clearTimeout(timer);
      stop.abort();
    };
  }, [asked]);
  return asked === '' ? NONE : found;
}

/** The time zone of coordinates; undefined when it cannot be asked. */
export async function zoneOf(latitude: number, longitude: number): Promise<string | undefined> {
  try {
    const asked = new URLSearchParams({ latitude: String(latitude), longitude: String(longitude) });
    const response = await fetch(`/api/places?${asked}`);
    return response.ok ? ((await response.json()) as { timeZone: string }).timeZone : undefined;
  } catch {
    return undefined;
  }
}
