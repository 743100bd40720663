import type { ReactNode } from 'react';
import { Button } from './button';
import { FieldError } from './field';

type Props = { readonly onKeep: () => void; readonly refused?: string | undefined; readonly children: ReactNode };

/** The fields of a dialog that asks for a few words, with the one button that keeps them. */
export function KeepForm({ onKeep, refused, children }: Props) {
  return (
    <form
      noValidate
      className="grid gap-4"
      onSubmit={(e) => {
        e.preventDefault();
        onKeep();
      }}
    >
      {children}
      {refused && <FieldError>{refused}</FieldError>}
      <div className="flex justify-end">
        <Button type="submit" look="main">
          Keep
        </Button>
      </div>
    </form>
  );
}
