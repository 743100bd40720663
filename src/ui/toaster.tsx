'use client';

import { Toaster as Sonner } from 'sonner';

/** Short messages at the top of the work, in the chrome's greys. */
export function Toaster() {
  return (
    // left to itself it takes the focus back to where it came from whenever one goes on from a message: Tab would not get past it
    <div className="contents" onFocusCapture={(event) => event.stopPropagation()}>
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
    </div>
  );
}
