'use client';

import { useEffect, useState } from 'react';
import { toast } from 'sonner';
import { USUAL_SKIES, type SkyShares } from '@/core/room/use';
import { skyShares } from '@/server/devices/actions';

const known = new Map<string, SkyShares>();

/**
 * How often each sky is met around a date, from the sky service (a simulated one); undefined until it has answered, usual shares where it
 * does not.
 */
export function useSkyShares(date: string): SkyShares | undefined {
  const [found, setFound] = useState(() => ({ date, shares: known.get(date) }));
  useEffect(() => {
    if (known.has(date)) return;
    let wanted = true;
    void (async () => {
      const shares = await skyShares({ date }).catch(() => undefined);
      if (shares) known.set(date, shares);
      if (!wanted) return;
      if (!shares)
        toast.error('The sky service did not answer: usual shares of clear and cloudy skies are taken.', { id: 'climate' });
      setFound({ date, shares: shares ?? USUAL_SKIES });
    })();
    return () => {
      wanted = false;
    };
  }, [date]);
  return known.get(date) ?? (found.date === date ? found.shares : undefined);
}
