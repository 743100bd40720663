'use client';

import { useEffect, useState } from 'react';

const MINUTE_MS = 60_000;

/** The instant, renewed every minute; undefined until the page runs in the browser. */
export function useInstant(): number | undefined {
  const [at, setAt] = useState<number>();
  useEffect(() => {
    const tick = () => setAt(Date.now());
    const frame = requestAnimationFrame(tick);
    const timer = setInterval(tick, MINUTE_MS);
    return () => {
      cancelAnimationFrame(frame);
      clearInterval(timer);
    };
  }, []);
  return at;
}
