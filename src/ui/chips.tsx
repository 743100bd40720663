'use client';

import { Chip } from './chip';

type Option<T extends string> = { readonly value: T; readonly label: string };
type Props<T extends string> = {
  readonly label: string;
  readonly value: T | null;
  readonly options: readonly Option<T>[];
  /** null when the chosen one was tapped again and may be left out. */
  readonly onChange: (value: T | null) => void;
  /** Whether none is an answer too. */
  readonly optional?: boolean;
};

/** One of several, all in view, over as many lines as they need. */
export function Chips<T extends string>({ label, value, options, onChange, optional = false }: Props<T>) {
  return (
    <div role="group" aria-label={label}>
      <p aria-hidden className="mb-1 text-sm text-soft">
        {label}
      </p>
      <div className="flex flex-wrap gap-1.5">
        {options.map((option) => {
          const on = option.value === value;
          return (
            <Chip key={option.value} on={on} onClick={() => onChange(on && optional ? null : option.value)}>
              {option.label}
            </Chip>
          );
        })}
      </div>
    </div>
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
  return (
    <div role="group" aria-label={label}>
      <p aria-hidden className="mb-1 text-sm text-soft">
        {label}
      </p>
      <div className="flex flex-wrap gap-1.5">
        {options.map((option) => {
          const at = value.indexOf(option.value);
          return (
            <Chip
              key={option.value}
              on={at >= 0}
              onClick={() => onChange(at >= 0 ? value.filter((v) => v !== option.value) : [...value, option.value])}
            >
              {ordered && value.length > 1 && at >= 0 && `${at + 1}. `}
              {option.label}
            </Chip>
          );
        })}
      </div>
    </div>
  );
}
