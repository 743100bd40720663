'use client';

import { useEffect, useRef, useState, type ReactNode } from 'react';
import type { EyeInForce as Told } from '@/server/eye/eye';
import { useEyes, useWhoseEye } from './eyes';
import { useVisit } from '../session/visit-context';
import { judgeForEye } from './light-worker';

/** How long nothing may have been said, ms, before the eye is asked for: nobody who is judging waits for it. Own choice. */
const QUIET_MS = 4000;
/** An eye is known no better for one verdict more, and asking reads the visit again. Own choice. */
const EVERY = 5;

type Props = { readonly eye: Told; readonly children: ReactNode };

/** Judges inside for the eye as it was learnt when the page was made, and asks again when more was said. */
export function EyeInForce({ eye, children }: Props) {
  // before anything inside asks the worker
  useState(() => typeof window !== 'undefined' && judgeForEye(eye));
  const visit = useVisit();
  const said = visit.rooms.reduce((sum, room) => sum + room.verdicts.length, 0);
  const asked = useRef(said);
  const { data, refetch } = useEyes(visit.id);
  const whose = useWhoseEye(visit.id);
  const judged = data ? data[whose] : eye;
  useEffect(() => judgeForEye(judged), [judged]);
  useEffect(() => {
    if (Math.abs(said - asked.current) < EVERY) return undefined;
    const timer = setTimeout(() => {
      asked.current = said;
      void refetch();
    }, QUIET_MS);
    return () => clearTimeout(timer);
  }, [said, refetch]);
  return children;
}
