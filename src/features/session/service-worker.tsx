'use client';

import { useEffect } from 'react';

/** Lets the application open while its server is started again; see public/sw.js. */
export function ServiceWorker() {
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
    // without it everything works as before, but for opening while the server is away
    navigator.serviceWorker.register('/sw.js').catch(() => undefined);
  }, []);
  return null;
}
