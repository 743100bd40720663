'use client';

import { Popover as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

type Props = { readonly children: ReactNode; readonly why: ReactNode; readonly label: string };

/** A computed figure; a tap tells where it comes from. */
export function Explain({ children, why, label }: Props) {
  return (
    <Radix.Root>
      <Radix.Trigger
        aria-label={`${label}: where this comes from`}
        className="relative cursor-help underline after:absolute after:inset-x-0 after:-inset-y-3 decoration-line-strong decoration-dotted underline-offset-4"
      >
        {children}
      </Radix.Trigger>
      <Radix.Portal>
        <Radix.Content
          sideOffset={6}
          collisionPadding={12}
          className="z-50 max-w-80 border border-line-strong bg-raised p-3 text-sm"
        >
          {why}
          <Radix.Arrow className="fill-line-strong" />
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
