'use client';

import { Toaster as Sonner } from 'sonner';

/** Short messages at the top of the work, in the chrome's greys. */
export function Toaster() {
  return (
    <Sonner
      position="top-center"
      closeButton
      toastOptions={{
        style: {
          background: 'var(--raised)',
          color: 'var(--ink)',
          border: '1px solid var(--line-strong)',
          borderRadius: 0,
          fontSize: '0.9375rem',
        },
      }}
    />
  );
}
