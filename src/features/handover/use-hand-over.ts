'use client';

import { useMemo } from 'react';
import { handOver, paintsOnPaper, type HandOver } from '@/core/handover/hand-over';
import { useInstant } from '../cursor/use-instant';
import { usePaintFacts } from '../entry/paint-facts';
import { useVisit } from '../session/visit-context';

type Made = { readonly state: 'asking' | 'known' | 'failed'; readonly made: HandOver; readonly retry: () => void };

/** The papers of the visit as they stand, with what the deck says of their paints as soon as it is known. */
export function useHandOver(): Made {
  const { visit } = useVisit();
  const now = useInstant();
  const asked = useMemo(() => paintsOnPaper(visit), [visit]);
  const facts = usePaintFacts(asked);
  const made = handOver(
    visit,
    ({ deckColourId, strength }) => {
      const paint = asked.find((a) => a.deckColourId === deckColourId && a.strength === strength);
      return paint && facts.of(paint);
    },
    now ?? Date.parse(visit.createdAt),
  );
  return { state: facts.state, made, retry: facts.retry };
}
