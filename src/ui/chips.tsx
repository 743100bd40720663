'use client';

import type { ReactNode } from 'react';
import { Chip } from './chip';

type Option<T extends string> = { readonly value: T; readonly label: string };

/** What is chosen among, by name, over as many lines as it needs. */
function Group({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  return (
    <div role="group" aria-label={label}>
      <p aria-hidden className="mb-1 text-sm text-soft">
        {label}
      </p>
      <div className="flex flex-wrap gap-1.5">{children}</div>
    </div>
  );
}

type Props<T extends string> = {
  readonly label: string;
  readonly value: T;
  readonly options: readonly Option<T>[];
  readonly onChange: (value: T) => void;
};

/** One of several, all in view. */
export function Chips<T extends string>({ label, value, options, onChange }: Props<T>) {
  return (
    <Group label={label}>
      {options.map((option) => (
        <Chip key={option.value} on={option.value === value} onClick={() => onChange(option.value)}>
          {option.label}
        </Chip>
      ))}
    </Group>
  );
}

type ManyProps<T extends string> = {
  readonly label: string;
  readonly value: readonly T[];
  readonly options: readonly Option<T>[];
  readonly onChange: (value: readonly T[]) => void;
  /** Their order counts, and is shown by number. */
  readonly ordered?: boolean;
};

/** Any number of several, all in view. */
export function ManyChips<T extends string>({ label, value, options, onChange, ordered = false }: ManyProps<T>) {
  const toggled = (one: T) => (value.includes(one) ? value.filter((v) => v !== one) : [...value, one]);
  return (
    <Group label={label}>
      {options.map((option) => {
        const at = value.indexOf(option.value);
        return (
          <Chip key={option.value} on={at >= 0} onClick={() => onChange(toggled(option.value))}>
            {ordered && value.length > 1 && at >= 0 && `${at + 1}. `}
            {option.label}
          </Chip>
        );
      })}
    </Group>
  );
}
