import type { ReactNode } from 'react';
import { Button } from './button';

type Props = { readonly onKeep: () => void; readonly children: ReactNode };

/** The fields of a dialog that asks for a few words, with the one button that keeps them. */
export function KeepForm({ onKeep, children }: Props) {
  return (
    <form
      className="grid gap-4"
      onSubmit={(e) => {
        e.preventDefault();
        onKeep();
      }}
    >
      {children}
      <div className="flex justify-end">
        <Button type="submit" look="main">
          Keep
        </Button>
      </div>
    </form>
  );
}
