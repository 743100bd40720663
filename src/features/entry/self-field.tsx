'use client';

import type { LyingIn } from '@/core/operations/entry-issues';
import type { Write, WriteInput } from '@/core/operations/operations';
import { TextField } from '@/ui/field';
import { checkWrite } from '../session/check-write';
import { useSelfSaving } from '../session/use-drafts';
import { useVisitWrite } from '../session/visit-context';
import { sayRefusal } from '../words/words';

type Props = {
  /** Of the field among all of this window. */
  readonly id: string;
  readonly label: string;
  /** As it is saved, as text. */
  readonly saved: string;
  /** Where it stands, in words. */
  readonly where: string;
  readonly href: string;
  readonly toWrite: (text: string) => WriteInput;
  /** What is written with it, whole or not at all. */
  readonly also?: (write: Write) => readonly Write[];
  /** The room it is in, where what is there already matters. */
  readonly room?: LyingIn;
  readonly hint?: string;
  readonly placeholder?: string;
  readonly inputMode?: 'numeric';
  readonly type?: 'date';
  readonly maxLength?: number;
  readonly className?: string;
};

/** A field that saves itself, and says at its place what is wrong with what was typed. */
export function SelfField({ id, saved, where, href, toWrite, also, label, room, ...rest }: Props) {
  const write = useVisitWrite();
  const { value, error, onChange, onBlur } = useSelfSaving({
    id,
    saved,
    where: `${label} · ${where}`,
    href,
    keep: (text) => {
      const checked = checkWrite(toWrite(text), room);
      if (!checked.ok) return Object.values(checked.errors)[0];
      return write([checked.write, ...(also?.(checked.write) ?? [])], { answers: true }).result;
    },
    says: sayRefusal,
  });
  return (
    <TextField
      label={label}
      value={value}
      error={error}
      onChange={(e) => onChange(e.target.value)}
      onBlur={onBlur}
      onKeyDown={(e) => e.key === 'Enter' && onBlur()}
      {...rest}
    />
  );
}
