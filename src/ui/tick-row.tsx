'use client';

import { Check } from 'lucide-react';
import type { ReactNode } from 'react';

type Props = {
  readonly label: ReactNode;
  /** A soft word at the end of the row. */
  readonly aside?: ReactNode;
  readonly checked: boolean;
  readonly disabled?: boolean;
  readonly onChange: (checked: boolean) => void;
};

/** A row that is ticked or not, the whole of it a target. */
export function TickRow({ label, aside, checked, disabled = false, onChange }: Props) {
  return (
    <button
      type="button"
      role="checkbox"
      aria-checked={checked}
      disabled={disabled}
      onClick={() => onChange(!checked)}
      className="flex min-h-12 w-full cursor-pointer items-center gap-3 border border-line bg-panel px-3 text-left hover:bg-raised disabled:cursor-default disabled:opacity-60 aria-checked:border-ink"
    >
      <span className="grid size-6 shrink-0 place-items-center border border-line-strong bg-raised">
        {checked && <Check aria-hidden size={18} />}
      </span>
      <span className="min-w-0 flex-1 break-words">{label}</span>
      {aside && <span className="shrink-0 text-sm text-soft">{aside}</span>}
    </button>
  );
}
