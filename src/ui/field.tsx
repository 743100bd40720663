import { useId, type ComponentProps, type ReactNode } from 'react';
import { classNames } from './class-names';

const BOX =
  'min-h-11 w-full border border-line-strong bg-raised px-3 text-[0.9375rem] aria-invalid:border-2 aria-invalid:border-ink';

type Shell = {
  readonly label: string;
  readonly error?: string | undefined;
  readonly hint?: string | undefined;
  readonly unit?: string | undefined;
};

/** What is wrong with a field, at the field: a mark and words. */
export function FieldError({ id, children }: { readonly id?: string; readonly children: ReactNode }) {
  return (
    <p id={id} role="alert" className="mt-1 flex gap-1.5 text-sm font-semibold">
      <span aria-hidden>▲</span>
      <span>{children}</span>
    </p>
  );
}

type Props = Shell & ComponentProps<'input'>;

/** A labelled input with its unit, hint and error. */
export function TextField({ label, error, hint, unit, className, ...rest }: Props) {
  const id = useId();
  const described = [error && `${id}-error`, hint && `${id}-hint`].filter(Boolean).join(' ');
  return (
    <div className={className}>
      <label htmlFor={id} className="mb-1 block text-sm text-soft">
        {label}
      </label>
      <div className="flex items-center gap-2">
        <input
          id={id}
          aria-invalid={error ? true : undefined}
          aria-describedby={described || undefined}
          className={BOX}
          {...rest}
        />
        {unit && <span className="text-soft">{unit}</span>}
      </div>
      {hint && (
        <p id={`${id}-hint`} className="mt-1 text-sm text-soft">
          {hint}
        </p>
      )}
      {error && <FieldError id={`${id}-error`}>{error}</FieldError>}
    </div>
  );
}

type ChoiceProps<T extends string> = Shell &
  Omit<ComponentProps<'select'>, 'value' | 'onChange'> & { readonly value: T; readonly onChange: (chosen: T) => void };

/** A labelled native choice: the fastest one to use by touch. */
export function ChoiceField<T extends string>({ label, error, hint, className, onChange, children, ...rest }: ChoiceProps<T>) {
  const id = useId();
  return (
    <div className={className}>
      <label htmlFor={id} className="mb-1 block text-sm text-soft">
        {label}
      </label>
      <select
        id={id}
        aria-invalid={error ? true : undefined}
        className={classNames(BOX, 'cursor-pointer')}
        // its options are those of its type
        onChange={(e) => onChange(e.target.value as T)}
        {...rest}
      >
        {children}
      </select>
      {hint && <p className="mt-1 text-sm text-soft">{hint}</p>}
      {error && <FieldError>{error}</FieldError>}
    </div>
  );
}
