import { keyName, keysShown, type KeyRow } from './key-table';
import type { ComponentProps } from 'react';
import { classNames } from './class-names';

const LOOKS = {
  plain: 'border border-line-strong bg-panel hover:bg-raised',
  main: 'border border-accent bg-accent text-on-accent hover:opacity-90',
  strong: 'border-2 border-ink bg-raised font-semibold hover:bg-panel',
  quiet: 'border border-transparent hover:bg-panel underline underline-offset-4 decoration-line-strong',
} as const;

export type ButtonLook = keyof typeof LOOKS;

/** Classes of a button, for links that look like one. */
export const buttonClass = (look: ButtonLook = 'plain', className?: string) =>
  classNames(
    'inline-flex min-h-11 min-w-11 cursor-pointer items-center justify-center gap-2 px-4 py-2 text-[0.9375rem] select-none',
    'disabled:cursor-not-allowed disabled:opacity-45 aria-disabled:cursor-not-allowed aria-disabled:opacity-45 print:hidden',
    LOOKS[look],
    className,
  );

type Props = ComponentProps<'button'> & { readonly look?: ButtonLook };

/** A button of at least 44 × 44 px. */
export function Button({ look, className, type = 'button', ...rest }: Props) {
  return <button type={type} className={buttonClass(look, className)} {...rest} />;
}

type KeyProps = {
  readonly of: KeyRow;
  /** Which key of the row; all of them where it is left out, none where there is no such key. */
  readonly which?: number;
};

/** A key as it is hinted at, from the table of its screen; not where fingers are used. */
export function Key({ of, which }: KeyProps) {
  const says = which === undefined ? keysShown(of) : of.keys[which] && keyName(of.keys[which]);
  if (!says) return null;
  return (
    <kbd className="inline-block min-w-6 border border-line-strong bg-panel px-1.5 text-center font-sans text-xs leading-5 text-soft pointer-coarse:hidden">
      {says}
    </kbd>
  );
}
