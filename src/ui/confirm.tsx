'use client';

import { AlertDialog as Radix } from 'radix-ui';
import type { ReactNode } from 'react';
import { buttonClass } from './button';

type Props = {
  readonly title: string;
  readonly body: string;
  readonly action: string;
  readonly onConfirm: () => void;
  readonly children: ReactNode;
};

/** Asks before something that changes what is shown to others. */
export function Confirm({ title, body, action, onConfirm, children }: Props) {
  return (
    <Radix.Root>
      <Radix.Trigger asChild>{children}</Radix.Trigger>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-black/50" />
        <Radix.Content className="fixed top-1/2 left-1/2 z-50 w-[min(92vw,460px)] -translate-x-1/2 -translate-y-1/2 border border-line-strong bg-ground p-5">
          <Radix.Title className="text-xl font-semibold">{title}</Radix.Title>
          <Radix.Description className="mt-2 mb-5 text-soft">{body}</Radix.Description>
          <div className="flex justify-end gap-3">
            <Radix.Cancel className={buttonClass('plain')}>Keep it</Radix.Cancel>
            <Radix.Action className={buttonClass('main')} onClick={onConfirm}>
              {action}
            </Radix.Action>
          </div>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
