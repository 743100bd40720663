import type { ReactNode } from 'react';
import { classNames } from './class-names';

type Props = { readonly on: boolean; readonly onClick: () => void; readonly large?: boolean; readonly children: ReactNode };

/** Something that is chosen or not, among others like it. */
export function Chip({ on, onClick, large = false, children }: Props) {
  return (
    <button
      type="button"
      aria-pressed={on}
      onClick={onClick}
      className={classNames(
        'max-w-full cursor-pointer break-words border border-line-strong bg-panel hover:bg-raised aria-pressed:border-accent aria-pressed:bg-accent aria-pressed:text-on-accent',
        large ? 'min-h-12 px-4' : 'min-h-11 px-3 text-[0.9375rem]',
      )}
    >
      {children}
    </button>
  );
}
