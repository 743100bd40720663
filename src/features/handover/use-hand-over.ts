'use client';

import { useMemo } from 'react';
import { handOver, paintsOnPaper, type HandOver } from '@/core/handover/hand-over';
import type { FactsOf } from '@/core/handover/paper-colour';
import { useInstant } from '../cursor/use-instant';
import { usePaintFacts } from '../entry/paint-facts';
import { useVisit } from '../session/visit-context';

type Made = { readonly state: 'asking' | 'known' | 'failed'; readonly made: HandOver; readonly retry: () => void };

/** The papers of the visit as they stand, with what the deck says of their paints as soon as it is known. */
export function useHandOver(): Made {
  const { visit } = useVisit();
  const now = useInstant();
  const asked = useMemo(() => paintsOnPaper(visit), [visit]);
  const { of, seen, state, retry } = usePaintFacts(asked);
  // forty rooms take a moment: made anew when something in them, or what is known of a paint, has changed
  const made = useMemo(() => {
    const paints = new Map(asked.map((a) => [`${a.deckColourId} ${a.strength}`, a]));
    const factsOf: FactsOf = ({ deckColourId, strength }) => {
      const paint = seen >= 0 ? paints.get(`${deckColourId} ${strength}`) : undefined;
      return paint && of(paint);
    };
    return handOver(visit, factsOf, now ?? Date.parse(visit.createdAt));
  }, [visit, asked, of, seen, now]);
  return { state, made, retry };
}
