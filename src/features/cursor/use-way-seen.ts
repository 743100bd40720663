'use client';

import type { WaySeen } from '@/core/record/seen';
import { useCursorPart, waySeen } from './cursor';
import { useInstant } from './use-instant';

/** How what is judged at the cursor is seen; goes with the clock. */
export function useWaySeen(): WaySeen {
  useInstant();
  return useCursorPart(waySeen);
}
