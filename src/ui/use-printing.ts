'use client';

import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';

/** Whether the page is being printed: what is printed alone is made only then, in time for the printer. */
export function usePrinting(): boolean {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    const media = window.matchMedia('print');
    const set = (now: boolean) => flushSync(() => setPrinting(now));
    const onMedia = () => set(media.matches);
    const [onBefore, onAfter] = [() => set(true), () => set(false)];
    media.addEventListener('change', onMedia);
    window.addEventListener('beforeprint', onBefore);
    window.addEventListener('afterprint', onAfter);
    return () => {
      media.removeEventListener('change', onMedia);
      window.removeEventListener('beforeprint', onBefore);
      window.removeEventListener('afterprint', onAfter);
    };
  }, []);
  return printing;
}
