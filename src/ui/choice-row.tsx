'use client';

import { ToggleGroup as Radix } from 'radix-ui';
import type { ReactNode } from 'react';
import { classNames } from './class-names';

type Option<T extends string> = { readonly value: T; readonly label: ReactNode; readonly disabled?: boolean };
type Props<T extends string> = {
  readonly label: string;
  readonly value: T;
  readonly options: readonly Option<T>[];
  readonly onChange: (value: T) => void;
  readonly vertical?: boolean;
};

/** One of a few, all in view; the chosen one is dark. */
export function ChoiceRow<T extends string>({ label, value, options, onChange, vertical = false }: Props<T>) {
  return (
    <Radix.Root
      type="single"
      aria-label={label}
      value={value}
      onValueChange={(next) => next && onChange(next as T)}
      className={classNames('inline-flex border border-line-strong', vertical && 'flex-col')}
    >
      {options.map((option) => (
        <Radix.Item
          key={option.value}
          value={option.value}
          disabled={option.disabled ?? false}
          className="inline-flex min-h-11 flex-1 cursor-pointer items-center justify-center gap-2 bg-panel px-3.5 text-[0.9375rem] whitespace-nowrap max-sm:px-2.5 hover:bg-raised disabled:cursor-not-allowed disabled:opacity-45 data-[state=on]:bg-accent data-[state=on]:font-semibold data-[state=on]:text-on-accent"
        >
          {option.label}
        </Radix.Item>
      ))}
    </Radix.Root>
  );
}
