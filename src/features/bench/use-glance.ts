'use client';

import { useEffect, useRef, useState } from 'react';

/**
 * The first glance: while it is on and nothing was said of what `pair` names, the core's opinion is hidden and the time runs from when the
 * pair was first shown.
 */
export function useGlance(on: boolean, pair: string, said: boolean) {
  const shownAt = useRef(0);
  const [glancedAt, setGlancedAt] = useState<{ readonly pair: string; readonly ms: number }>();
  useEffect(() => {
    // the frame after the pair was drawn
    const frame = requestAnimationFrame(() => (shownAt.current = performance.now()));
    return () => cancelAnimationFrame(frame);
  }, [pair, on]);
  const hides = on && !said;
  /** Milliseconds since the pair was shown, to be kept with the verdict; null when it is no first glance. */
  const spoken = (): number | null => {
    if (!hides) return null;
    const ms = Math.max(0, Math.round(performance.now() - shownAt.current));
    setGlancedAt({ pair, ms });
    return ms;
  };
  return { hides, spoken, took: glancedAt?.pair === pair ? glancedAt.ms : undefined };
}
