'use client';

import { useQueries, useQueryClient, type UseQueryResult } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { Container } from '@/core/paint/containers';
import type { AskedPaint, PaintFacts } from '@/server/paint/facts';
import { askJson, asPost } from '@/ui/queries';

export type { AskedPaint, PaintFacts };

/** What samples are painted from. */
export const POT_CONTAINERS: Container[] = ['sample-jar', 'pint'];

type Waiting = {
  readonly paint: AskedPaint;
  readonly tell: (facts: PaintFacts | null) => void;
  readonly fail: (why: unknown) => void;
};
let waiting: Waiting[] = [];
/** Asks the server once for all that is asked in one go. */
function askTogether(paint: AskedPaint): Promise<PaintFacts | null> {
  return new Promise((tell, fail) => {
    waiting.push({ paint, tell, fail });
    if (waiting.length > 1) return;
    queueMicrotask(() => {
      const asked = waiting;
      waiting = [];
      const paints = asked.map((a) => a.paint);
      askJson<readonly (PaintFacts | null)[]>('/api/paints', asPost(paints)).then(
        (answers) => asked.forEach((a, k) => a.tell(answers[k] ?? null)),
        (why: unknown) => asked.forEach((a) => a.fail(why)),
      );
    });
  });
}

const KEY = 'paint';
const keyOf = ({ deckColourId, strength, under, containers, copies = false }: AskedPaint) =>
  [KEY, deckColourId, strength, under, containers, copies] as const;
const nameOf = (paint: AskedPaint): string => JSON.stringify(keyOf(paint));

/** What papers say of paints: their base, coats over what is there, pours; `of` answers undefined until it is known. */
export function usePaintFacts(asked: readonly AskedPaint[]) {
  const client = useQueryClient();
  const paints = [...new Map(asked.map((paint) => [nameOf(paint), paint])).values()];
  const known = useQueries({
    queries: paints.map(({ deckColourId, strength, under, containers, copies = false }) => {
      const paint: AskedPaint = { deckColourId, strength, under, containers, copies };
      return { queryKey: keyOf(paint), queryFn: () => askTogether(paint), staleTime: Infinity };
    }),
    combine: (all: readonly UseQueryResult<PaintFacts | null>[]) => ({
      facts: all.map((one) => one.data),
      state: all.some((one) => one.isError)
        ? ('failed' as const)
        : all.some((one) => one.isPending)
          ? ('asking' as const)
          : ('known' as const),
    }),
  });
  const { facts, state } = known;
  const names = paints.map(nameOf).join('\n');
  const of = useMemo(() => {
    const byName = new Map(names.split('\n').map((name, k) => [name, facts[k]]));
    return (paint: AskedPaint): PaintFacts | undefined => byName.get(nameOf(paint)) ?? undefined;
  }, [names, facts]);
  const again = () => void client.invalidateQueries({ queryKey: [KEY] });
  return {
    state,
    /** The same as long as nothing new was asked or answered. */ of,
    retry: again,
    /** Asks anew what was answered. */ again,
  };
}
