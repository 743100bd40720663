'use client';

import { useEffect, useState, type RefObject } from 'react';

/** Width of an element, px, followed as it changes; `usual` before it is measured. */
export function useWidth(element: RefObject<HTMLElement | null>, usual: number): number {
  const [width, setWidth] = useState(usual);
  useEffect(() => {
    const observer = new ResizeObserver(([entry]) => setWidth(Math.round(entry!.contentRect.width)));
    observer.observe(element.current!);
    return () => observer.disconnect();
  }, [element]);
  return width;
}
