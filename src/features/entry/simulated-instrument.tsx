'use client';

import type { ReactNode } from 'react';
import { Button } from '@/ui/button';
import { useKept } from '@/ui/use-kept';

type Props = {
  /** "light meter" */
  readonly what: string;
  /** What to do without one. */
  readonly instead: string;
  /** What the stand-in does, in words. */
  readonly does: string;
  readonly children: ReactNode;
};

/** A stand-in for an instrument: off until it is switched on, and says plainly that what it reads is made up. */
export function SimulatedInstrument({ what, instead, does, children }: Props) {
  const [on, setOn] = useKept<'on' | 'off'>('instruments.simulated', 'off', ['on', 'off']);
  if (on === 'off')
    return (
      <div className="grid justify-items-start gap-2 border border-line bg-panel p-3">
        <p>
          No {what} is connected. {instead}
        </p>
        <Button look="quiet" onClick={() => setOn('on')}>
          Try it out with a simulated {what}: its readings are made up
        </Button>
      </div>
    );
  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap items-center gap-3 border-l-8 border-ink bg-panel px-3 py-2 text-sm">
        <p className="min-w-48 flex-1">
          <b>Simulated {what}: its readings are made up.</b> Not for a real visit: {does}
        </p>
        <Button onClick={() => setOn('off')}>Switch it off</Button>
      </div>
      {children}
    </div>
  );
}
