'use client';

import { useEffect, useState } from 'react';
import type { Container } from '@/core/paint/containers';
import type { AskedPaint, PaintFacts } from '@/server/paint/facts';

export type { AskedPaint, PaintFacts };

/** What samples are painted from. */
export const POT_CONTAINERS: Container[] = ['sample-jar', 'pint'];

const keyOf = ({ deckColourId, strength, under, containers }: AskedPaint) =>
  JSON.stringify([deckColourId, strength, under, containers]);
/** What was answered in this page; a deck that changes reloads it. */
const known = new Map<string, PaintFacts | null>();

/** What was answered of a paint; undefined until it is known. */
const answered = (paint: AskedPaint): PaintFacts | undefined => known.get(keyOf(paint)) ?? undefined;

type State = {
  readonly state: 'asking' | 'known' | 'failed';
  readonly of: (paint: AskedPaint) => PaintFacts | undefined;
  /** Changes with every answer. */
  readonly seen: number;
};

/** What papers say of paints: their base, coats over what is there, pours. Asked once a page for each; undefined until it is known. */
export function usePaintFacts(
  asked: readonly AskedPaint[],
): State & { readonly retry: () => void; /** Asks anew what was answered. */ readonly again: () => void } {
  const [seen, setSeen] = useState(0);
  const [failed, setFailed] = useState(false);
  const [attempt, setAttempt] = useState(0);
  const name = [...new Set(asked.map(keyOf))].filter((key) => !known.has(key)).join('\n');
  useEffect(() => {
    if (name === '') return;
    const stop = new AbortController();
    fetch('/api/paints', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: `[${name.split('\n').map(asRequest).join(',')}]`,
      signal: stop.signal,
    })
      .then(async (response) => {
        if (!response.ok) throw new Error(`paints: ${response.status}`);
        const answers = (await response.json()) as (PaintFacts | null)[];
        name.split('\n').forEach((key, k) => known.set(key, answers[k]!));
        setFailed(false);
        setSeen((n) => n + 1);
      })
      .catch(() => !stop.signal.aborted && setFailed(true));
    return () => stop.abort();
  }, [name, attempt]);
  const open = asked.some((a) => !known.has(keyOf(a)));
  return {
    again: () => {
      known.clear();
      setAttempt((n) => n + 1);
    },
    state: open ? (failed ? 'failed' : 'asking') : 'known',
    of: answered,
    seen,
    retry: () => {
      setFailed(false);
      setAttempt((n) => n + 1);
    },
  };
}
function asRequest(key: string): string {
  const [deckColourId, strength, under, containers] = JSON.parse(key) as unknown[];
  return JSON.stringify({ deckColourId, strength, under, containers });
}
