'use client';

import { Check, ChevronDown } from 'lucide-react';
import { DropdownMenu as Radix } from 'radix-ui';

type Props<T extends string> = {
  readonly label: string;
  /** What is said when none is chosen, which is every one. */
  readonly every: string;
  readonly value: readonly T[];
  readonly options: readonly T[];
  readonly onChange: (value: readonly T[]) => void;
  readonly className?: string;
};

/** Any number out of a list; none chosen is every one. */
export function ManyChoice<T extends string>({ label, every, value, options, onChange, className }: Props<T>) {
  const some = value.length === 1 ? value[0] : `${value.length} chosen`;
  const says = value.length === 0 ? every : some;
  return (
    <div className={className}>
      <p aria-hidden className="mb-1 text-sm text-soft">
        {label}
      </p>
      <Radix.Root>
        <Radix.Trigger
          aria-label={`${label}: ${value.length > 0 ? value.join(', ') : every}`}
          className="flex min-h-11 w-full cursor-pointer items-center justify-between gap-2 border border-line-strong bg-raised px-3 text-[0.9375rem]"
        >
          <span className="min-w-0 break-words">{says}</span>
          <ChevronDown aria-hidden size={16} className="shrink-0" />
        </Radix.Trigger>
        <Radix.Portal>
          <Radix.Content
            align="start"
            className="z-50 max-h-[60dvh] min-w-52 overflow-auto border border-line-strong bg-ground"
            aria-label={label}
          >
            {options.map((option) => (
              <Radix.CheckboxItem
                key={option}
                checked={value.includes(option)}
                // stays open: several are chosen in one go
                onSelect={(e) => e.preventDefault()}
                onCheckedChange={(on) => onChange(on ? [...value, option] : value.filter((v) => v !== option))}
                className="flex min-h-11 cursor-pointer items-center gap-2.5 px-3 text-[0.9375rem] outline-none data-[highlighted]:bg-raised"
              >
                <span className="grid size-5 place-items-center border border-line-strong">
                  <Radix.ItemIndicator>
                    <Check aria-hidden size={16} />
                  </Radix.ItemIndicator>
                </span>
                {option}
              </Radix.CheckboxItem>
            ))}
          </Radix.Content>
        </Radix.Portal>
      </Radix.Root>
    </div>
  );
}
