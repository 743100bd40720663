'use client';

import { X } from 'lucide-react';
import { Dialog as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

type Props = {
  readonly title: string;
  readonly open: boolean;
  readonly onClose: () => void;
  readonly children: ReactNode;
};

/** A panel that rises from the foot of a small screen, where the finger is; what lies above it stays in view. */
export function Sheet({ title, open, onClose, children }: Props) {
  return (
    <Radix.Root open={open} onOpenChange={(to) => !to && onClose()}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-black/20" />
        <Radix.Content
          aria-describedby={undefined}
          className="fixed inset-x-0 bottom-0 z-50 max-h-[62dvh] overflow-auto border-t-2 border-ink bg-ground px-4 pt-1 pb-4"
        >
          <Radix.Title className="sr-only">{title}</Radix.Title>
          <Radix.Close
            aria-label="Close"
            className="sticky top-0 z-10 float-right grid size-11 cursor-pointer place-items-center bg-ground hover:bg-panel"
          >
            <X aria-hidden size={20} />
          </Radix.Close>
          <div className="pt-2">{children}</div>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
