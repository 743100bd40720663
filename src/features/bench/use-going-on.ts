'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { useKept } from '@/ui/use-kept';

export const PACES = ['brisk', 'calm', 'by-hand'] as const;
/** How fast the bench goes on to the next pair by itself. */
export type Pace = (typeof PACES)[number];
export const PACE_WORDS: Readonly<Record<Pace, string>> = {
  brisk: 'goes on after ½ s',
  calm: 'goes on after 2 s',
  'by-hand': 'goes on by →',
};
/** What may still follow: nothing, a reason, or one more of them. */
export type Waiting = 'said' | 'why' | 'more';
/** Milliseconds until it goes on. Own choice. */
const PAUSES: Readonly<Record<Pace, Readonly<Record<Waiting, number>> | undefined>> = {
  brisk: { said: 500, why: 4000, more: 1500 },
  calm: { said: 2000, why: 6000, more: 3500 },
  'by-hand': undefined,
};

/** Going on: what was said, and when the next comes. */
export type Going = { readonly from: string; readonly ms: number; readonly waitsForReason: boolean };

/**
 * Goes on by itself a moment after something was said. It stops when another pair is looked at, when what was said is taken back, and when
 * the person stops it.
 *
 * @param here what is looked at now; @param said whether something stands for it
 */
export function useGoingOn(here: string, said: boolean, next: () => void) {
  const [pace, setPace] = useKept<Pace>('bench.pace', 'brisk', PACES);
  const [asked, setAsked] = useState<Going>();
  const going = asked?.from === here && said ? asked : undefined;
  // another pair is looked at, or what was said is taken back: it does not go on when that is undone
  useEffect(() => (said ? () => setAsked(undefined) : undefined), [said, here]);
  const latest = useRef(next);
  useEffect(() => {
    latest.current = next;
  });
  useEffect(() => {
    if (!going) return undefined;
    const timer = setTimeout(() => {
      setAsked(undefined);
      latest.current();
    }, going.ms);
    return () => clearTimeout(timer);
  }, [going]);
  const goOn = useCallback(
    (waiting: Waiting) => {
      const pause = PAUSES[pace];
      if (pause) setAsked({ from: here, ms: pause[waiting], waitsForReason: waiting === 'why' });
    },
    [here, pace],
  );
  return { pace, setPace, going, goOn, stop: useCallback(() => setAsked(undefined), []) };
}
