'use client';

import { useEffect, useState } from 'react';
import { consultantCardSchema, NO_CARD, type ConsultantCard } from '@/core/record/consultant-card';

/** The card of whoever hands papers over; an empty one until it is known, or where it cannot be read. */
export function useConsultantCard(): ConsultantCard {
  const [card, setCard] = useState(NO_CARD);
  useEffect(() => {
    const stop = new AbortController();
    fetch('/api/keeping/card', { signal: stop.signal })
      .then(async (response) => {
        const read = consultantCardSchema.safeParse(await response.json());
        if (read.success) setCard(read.data);
      })
      // papers without a card are papers
      .catch(() => undefined);
    return () => stop.abort();
  }, []);
  return card;
}
