'use client';

import { useEffect, useState } from 'react';
import { USUAL_SKIES, type SkyShares } from '@/core/room/use';
import { skyShares } from '@/server/devices/actions';

const known = new Map<string, SkyShares>();

/** How often each sky is met around a date, from the sky service (a simulated one); undefined until it has answered, usual shares where it does not. */
export function useSkyShares(date: string): SkyShares | undefined {
  const [found, setFound] = useState(() => ({ date, shares: known.get(date) }));
  useEffect(() => {
    if (known.has(date)) return;
    let wanted = true;
    void (async () => {
      const shares = (await skyShares({ date }).catch(() => undefined)) ?? USUAL_SKIES;
      known.set(date, shares);
      if (wanted) setFound({ date, shares });
    })();
    return () => {
      wanted = false;
    };
  }, [date]);
  return known.get(date) ?? (found.date === date ? found.shares : undefined);
}
