'use client';

import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import type { FoundPlace } from '@/server/places/find-places';
import { askJson } from '@/ui/queries';

export type { FoundPlace };

const PAUSE_MS = 120;
/** What was typed, a moment after the typing. */
function usePaused(text: string): string {
  const [paused, setPaused] = useState(text);
  useEffect(() => {
    const timer = setTimeout(() => setPaused(text), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [text]);
  return paused;
}

export type PlacesState = { readonly of: string; readonly places: readonly FoundPlace[]; readonly failed: boolean };

/** Towns for what was typed, a moment after the typing; those of what was typed before until then. */
export function usePlaces(text: string): PlacesState {
  const typed = text.trim();
  const asked = usePaused(typed);
  const { data, isError } = useQuery({
    queryKey: ['places', asked],
    queryFn: async ({ signal }) => {
      const places = await askJson<readonly FoundPlace[]>(`/api/places?${new URLSearchParams({ q: asked })}`, { signal });
      return { of: asked, places };
    },
    enabled: asked !== '' && typed !== '',
    placeholderData: keepPreviousData,
  });
  if (typed === '') return { of: '', places: [], failed: false };
  if (isError) return { of: asked, places: [], failed: true };
  return { of: '', places: [], ...data, failed: false };
}

/** The time zone of coordinates; undefined when it cannot be asked. */
export async function zoneOf(latitude: number, longitude: number): Promise<string | undefined> {
  const asked = new URLSearchParams({ latitude: String(latitude), longitude: String(longitude) });
  const found = await askJson<{ timeZone: string }>(`/api/places?${asked}`).catch(() => undefined);
  return found?.timeZone;
}
