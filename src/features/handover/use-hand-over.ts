'use client';

import { useMemo } from 'react';
import { handOver, paintsOnPaper, type HandOver } from '@/core/handover/hand-over';
import { factsAmong } from '@/core/handover/paper-colour';
import { useInstant } from '../cursor/use-instant';
import { usePaintFacts } from '../entry/paint-facts';
import { useVisit } from '../session/visit-context';
import { useConsultantCard } from './use-consultant-card';

type Made = { readonly state: 'asking' | 'known' | 'failed'; readonly made: HandOver; readonly retry: () => void };

/** The papers of the visit as they stand, with whose they are and what the deck says of their paints as soon as it is known. */
export function useHandOver(): Made {
  const visit = useVisit();
  const now = useInstant();
  const { card, asking } = useConsultantCard();
  const asked = useMemo(() => paintsOnPaper(visit), [visit]);
  const { of, state, retry } = usePaintFacts(asked);
  // forty rooms take a moment: made anew when something in them, or what is known of a paint, has changed
  const made = useMemo(() => {
    const factsOf = factsAmong(asked.map((one) => ({ asked: one, facts: of(one) })));
    return handOver(visit, { factsOf, card }, now ?? Date.parse(visit.createdAt));
  }, [visit, asked, of, card, now]);
  return { state: state === 'known' && asking ? 'asking' : state, made, retry };
}
