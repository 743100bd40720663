'use client';

import { useQuery } from '@tanstack/react-query';
import { consultantCardSchema, NO_CARD, type ConsultantCard } from '@/core/record/consultant-card';
import { askJson } from '@/ui/queries';

/** The card of whoever hands papers over; an empty one until it is known, or where it cannot be read: papers without a card are papers. */
export function useConsultantCard(): { readonly card: ConsultantCard; readonly asking: boolean } {
  const { data, isPending } = useQuery({
    queryKey: ['card'],
    queryFn: async ({ signal }) => consultantCardSchema.parse(await askJson('/api/keeping/card', { signal })),
    // it may have been filled in a moment ago
    staleTime: 0,
  });
  return { card: data ?? NO_CARD, asking: isPending };
}
