'use client';

import { useSyncExternalStore } from 'react';
import { setEyeInForce, type EyeFactors } from '@/core/judge/eye-in-force';

/** The eye that is judged for on this page, how it is told, and a mark that changes with it: what was judged before is of another eye. */
export type PageEye = { readonly factors: EyeFactors | null; readonly says: string; readonly mark: string };

const SHIPPED: PageEye = { factors: null, says: '', mark: '' };
let now = SHIPPED;
let count = 0;
const listeners = new Set<() => void>();
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};

export const pageEye = (): PageEye => now;

/** Judges for an eye from now on, here and in the worker; an eye that is in force already changes nothing. */
export function judgeFor(told: Pick<PageEye, 'factors' | 'says'> | null, tellWorker: (factors: EyeFactors | null) => void): void {
  const { factors, says } = told ?? SHIPPED;
  if (JSON.stringify(factors) === JSON.stringify(now.factors)) return;
  count += 1;
  now = { factors, says, mark: factors ? `eye${count} ` : '' };
  setEyeInForce(factors);
  tellWorker(factors);
  listeners.forEach((listener) => listener());
}

/** The eye that is judged for; whoever shows a verdict that is computed here draws anew when it changes. */
export const useEye = (): PageEye => useSyncExternalStore(subscribe, pageEye, () => SHIPPED);
