'use client';

import { Lightbulb, Sun } from 'lucide-react';
import { useEffect, useRef } from 'react';
import type { Room } from '@/core/record/room';
import { Button } from '@/ui/button';
import { useLightestMoment } from '../light-client/resolved-moment';
import { useHome } from '../session/visit-context';
import { sayClock } from '../words/say-light';
import type { Bench } from './use-bench';

/** Nothing falls on the pair at the cursor, but somebody sees it: one tap says in which light. */
export function InTheDark({ bench, room }: { readonly bench: Bench; readonly room: Room }) {
  const visit = useHome();
  const lightest = useLightestMoment(room);
  const first = useRef<HTMLButtonElement>(null);
  const { asks, answer, leave } = bench.dark;
  useEffect(() => {
    if (asks) first.current?.focus();
  }, [asks]);
  if (!asks) return null;
  return (
    <div
      role="alertdialog"
      aria-label="Which light is it?"
      onKeyDown={(e) => e.key === 'Escape' && leave()}
      className="my-2 border-2 border-ink bg-raised p-2.5"
    >
      <p className="mb-2 font-semibold">At the cursor it is too dark to judge. Which light do you see it in?</p>
      <div className="flex flex-wrap gap-2">
        <Button ref={first} look="main" onClick={() => answer({ lampsOn: true })}>
          <Lightbulb aria-hidden size={18} /> The lamps are on
        </Button>
        {lightest !== undefined && (
          <Button onClick={() => answer({ at: lightest, lampsOn: false })}>
            <Sun aria-hidden size={18} /> By day, about {sayClock(lightest, visit.place.timeZone)}
          </Button>
        )}
        <Button look="quiet" onClick={leave}>
          Leave it
        </Button>
      </div>
    </div>
  );
}
