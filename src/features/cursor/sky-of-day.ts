'use client';

import { useEffect, useState } from 'react';
import { toast } from 'sonner';
import type { SkyName } from '@/core/light/outdoors';
import { skyOfDay } from '@/server/devices/actions';

const ALL_CLEAR: readonly SkyName[] = Array.from({ length: 24 }, () => 'clear');
const known = new Map<string, readonly SkyName[]>();

/** The sky of a date hour by hour, from the sky service (a simulated one); clear until it is asked and has answered. */
export function useSkyOfDay(date: string, asked: boolean): readonly SkyName[] {
  const [found, setFound] = useState(() => known.get(date));
  useEffect(() => {
    if (!asked) return;
    let wanted = true;
    void (async () => {
      const answer = known.get(date) ?? (await skyOfDay({ date }).catch(() => undefined));
      if (!wanted) return;
      if (!answer)
        return void toast.error('The sky service did not answer: the sky of the day is taken as clear.', { id: 'sky' });
      known.set(date, answer);
      setFound(answer);
    })();
    return () => {
      wanted = false;
    };
  }, [date, asked]);
  return known.get(date) ?? found ?? ALL_CLEAR;
}
