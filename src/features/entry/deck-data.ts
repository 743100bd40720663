'use client';

import { useQuery } from '@tanstack/react-query';
import type { DeckColour } from '@/core/derived/deck-colour';
import { askJson } from '@/ui/queries';

/** The whole deck, fetched when first shown; the browser keeps it between screens as long as it has not changed. */
export const useDeck = () =>
  useQuery({ queryKey: ['deck'], queryFn: ({ signal }) => askJson<readonly DeckColour[]>('/api/deck', { signal }) });
