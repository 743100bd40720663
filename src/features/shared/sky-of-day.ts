'use client';

import { useEffect, useState } from 'react';
import type { SkyName } from '@/core/light/outdoors';
import { skyOfDay } from '@/server/devices/actions';

const ALL_CLEAR: readonly SkyName[] = Array.from({ length: 24 }, () => 'clear');
const known = new Map<string, readonly SkyName[]>();

/** The sky of a date hour by hour, from the sky service (a simulated one); clear until it has answered. */
export function useSkyOfDay(date: string): readonly SkyName[] {
  const [found, setFound] = useState(() => known.get(date));
  useEffect(() => {
    let wanted = true;
    void (async () => {
      const answer = known.get(date) ?? (await skyOfDay({ date }).catch(() => undefined));
      if (answer) known.set(date, answer);
      if (wanted && answer) setFound(answer);
    })();
    return () => {
      wanted = false;
    };
  }, [date]);
  return known.get(date) ?? found ?? ALL_CLEAR;
}
