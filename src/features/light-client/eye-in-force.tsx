'use client';

import { useEffect, useState, type ReactNode } from 'react';
import type { EyeInForce as Told } from '@/server/eye/eye';
import { useEyes, useWhoseEye } from './eyes';
import { useVisit } from '../session/visit-context';
import { judgeForEye } from './light-worker';

/** A verdict is on the disk by then, and the next is not given yet. */
const AFTER_MS = 1500;
/** An eye is known no better for one verdict more, and asking reads the visit again. Own choice. */
const EVERY = 5;

type Props = { readonly eye: Told; readonly children: ReactNode };

/** Judges inside for the eye as it was learnt when the page was made, and asks again when more was said. */
export function EyeInForce({ eye, children }: Props) {
  // before anything inside asks the worker
  useState(() => typeof window !== 'undefined' && judgeForEye(eye));
  const visit = useVisit();
  const said = Math.floor(visit.rooms.reduce((sum, room) => sum + room.verdicts.length, 0) / EVERY);
  const { data, refetch } = useEyes(visit.id);
  const whose = useWhoseEye(visit.id);
  const judged = data ? data[whose] : eye;
  useEffect(() => judgeForEye(judged), [judged]);
  useEffect(() => {
    const timer = setTimeout(() => void refetch(), AFTER_MS);
    return () => clearTimeout(timer);
  }, [said, refetch]);
  return children;
}
