'use client';

import { Columns2 } from 'lucide-react';
import { REACTIONS } from '@/core/record/reaction';
import { Button } from '@/ui/button';
import { NextSamples } from './next-samples';
import type { Bench } from './use-bench';

/** The client's own reaction to the colour by one tap, and what to look at next. */
export function ClientPanel({ bench, onPairs }: { readonly bench: Bench; readonly onPairs: () => void }) {
  return (
    <section aria-label="Client, and what next" className="min-w-0 border-l border-line p-3.5 max-lg:border-t max-md:border-l-0">
      <div
        role="group"
        aria-label="The client’s reaction"
        className="grid grid-cols-[auto_1fr_1fr_1fr_auto] items-center gap-1.5"
      >
        <p className="pr-1 text-sm text-soft">Client</p>
        {REACTIONS.map((reaction) => (
          <Button
            key={reaction}
            look={bench.reaction.current === reaction ? 'main' : 'plain'}
            aria-pressed={bench.reaction.current === reaction}
            className="px-1.5"
            onClick={() => bench.reaction.give(reaction)}
          >
            {reaction}
          </Button>
        ))}
        <Button
          className="px-2"
          aria-label="Let the client pick between two"
          title="Let the client pick between two"
          onClick={onPairs}
        >
          <Columns2 aria-hidden size={18} />
        </Button>
      </div>
      <NextSamples bench={bench} />
    </section>
  );
}
