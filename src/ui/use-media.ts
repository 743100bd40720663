import { useSyncExternalStore } from 'react';

const onServer = () => false;

/** Whether the screen answers a media query; false until the page runs. */
export function useMedia(query: string): boolean {
  return useSyncExternalStore(
    (listener) => {
      const list = window.matchMedia(query);
      list.addEventListener('change', listener);
      return () => list.removeEventListener('change', listener);
    },
    () => window.matchMedia(query).matches,
    onServer,
  );
}
