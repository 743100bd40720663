'use client';

import { useQuery, type UseQueryResult } from '@tanstack/react-query';
import type { Sheet } from '@/server/deck/queries';
import { askJson } from '@/ui/queries';

export type { Sheet };
export type SheetQuery = UseQueryResult<Sheet>;

/** The sheet of a deck colour, computed by the server from its formula or its Lab. */
export const useSheet = (colourId: string, wanted = true) =>
  useQuery({
    enabled: wanted,
    queryKey: ['sheet', colourId],
    queryFn: ({ signal }) => askJson<Sheet>(`/api/deck/${encodeURIComponent(colourId)}`, { signal }),
  });
