'use client';

import { X } from 'lucide-react';
import { Dialog as Radix } from 'radix-ui';
import { useRef, type ReactNode } from 'react';
import { classNames } from './class-names';

type Props = {
  readonly title: string;
  readonly description?: string;
  readonly open?: boolean;
  readonly onOpenChange?: (open: boolean) => void;
  readonly trigger?: ReactNode;
  /** As wide as the screen allows, for tables and charts. */
  readonly wide?: boolean;
  readonly children: ReactNode;
};

/** A panel over the work; Escape or a tap outside closes it. */
export function Dialog({ title, description, open, onOpenChange, trigger, wide = false, children }: Props) {
  const opener = useRef<HTMLElement | null>(null);
  return (
    <Radix.Root {...(open === undefined ? {} : { open })} {...(onOpenChange ? { onOpenChange } : {})}>
      {trigger && <Radix.Trigger asChild>{trigger}</Radix.Trigger>}
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-black/50" />
        <Radix.Content
          className={classNames(
            'fixed top-1/2 left-1/2 z-50 max-h-[92dvh] -translate-x-1/2 -translate-y-1/2 overflow-auto border border-line-strong bg-ground p-5',
            wide ? 'w-[min(96vw,1120px)]' : 'w-[min(94vw,640px)]',
          )}
          {...(description ? {} : { 'aria-describedby': undefined })}
          onOpenAutoFocus={() => (opener.current = document.activeElement as HTMLElement | null)}
          onCloseAutoFocus={(e) => {
            // opened by something else than a trigger: back to it, or into the work where it is gone
            if (trigger) return;
            e.preventDefault();
            const to = opener.current?.isConnected ? opener.current : document.querySelector<HTMLElement>('main');
            to?.focus({ preventScroll: true });
          }}
        >
          <div className="mb-3 flex items-start justify-between gap-4">
            <Radix.Title className="text-xl font-semibold">{title}</Radix.Title>
            <Radix.Close aria-label="Close" className="-mt-2 -mr-2 grid size-11 cursor-pointer place-items-center hover:bg-panel">
              <X aria-hidden size={20} />
            </Radix.Close>
          </div>
          {description && <Radix.Description className="mb-4 text-soft">{description}</Radix.Description>}
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
