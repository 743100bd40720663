'use client';

import { useQuery } from '@tanstack/react-query';
import type { Eyes } from '@/server/eye/eye';
import { askJson } from '@/ui/queries';
import { useSyncExternalStore } from 'react';

/** The eyes that may be judged for in a visit. */
export const useEyes = (visitId: string) =>
  useQuery({
    queryKey: ['eyes', visitId],
    queryFn: ({ signal }) => askJson<Eyes>(`/api/eye?visit=${visitId}`, { signal }),
    staleTime: Infinity,
  });

/** Whose eye is judged for: the consultant's, until the client's is chosen on this page. */
export type Whose = 'own' | 'client';
const chosen = new Map<string, Whose>();
const listeners = new Set<() => void>();
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};
export function judgeForWhom(visitId: string, whose: Whose): void {
  chosen.set(visitId, whose);
  listeners.forEach((listener) => listener());
}
export const useWhoseEye = (visitId: string): Whose =>
  useSyncExternalStore(
    subscribe,
    () => chosen.get(visitId) ?? 'own',
    () => 'own',
  );
