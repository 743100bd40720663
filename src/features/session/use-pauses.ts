'use client';

import { useSyncExternalStore } from 'react';
import { windowTimer } from './browser-session';
import { makePauses, type Pauses } from './pauses';

/** How long a person pauses before what was typed is saved. */
export const PAUSE_MS = 400;

let here: Pauses | undefined;
/** The pauses of this window; when it is left, reloaded or put to sleep, what waits goes into the outbox first. */
export function windowPauses(): Pauses {
  if (here) return here;
  const pauses = makePauses(windowTimer);
  window.addEventListener('pagehide', () => pauses.runAll());
  document.addEventListener('visibilitychange', () => document.visibilityState === 'hidden' && pauses.runAll());
  here = pauses;
  return pauses;
}

/** How many changes wait for a pause. */
export const usePausedCount = (): number =>
  useSyncExternalStore(
    (listener) => windowPauses().subscribe(listener),
    () => windowPauses().count(),
    () => 0,
  );
