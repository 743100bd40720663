import type { ReactNode } from 'react';

type Props = {
  readonly title: ReactNode;
  /** A soft line beside the title. */
  readonly aside?: ReactNode;
  /** A soft line under the title, where the actions need the width. */
  readonly under?: ReactNode;
  readonly children?: ReactNode;
};

/** The one big line of a step, a soft line beside it, and its actions at the right. */
export function StepTitle({ title, aside, under, children }: Props) {
  return (
    <div className="mb-4 flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
      <div className="min-w-0">
        <div className="flex min-w-0 flex-wrap items-baseline gap-x-4">
          <h1 className="text-xl font-semibold break-words">{title}</h1>
          {aside && <p className="text-soft">{aside}</p>}
        </div>
        {under && <p className="text-sm text-soft">{under}</p>}
      </div>
      {children && <div className="flex flex-wrap items-end gap-2 print:hidden">{children}</div>}
    </div>
  );
}

/** What to do when there is nothing here yet. */
export function EmptyState({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <div className="border border-dashed border-line-strong p-8 text-center">
      <p className="text-lg font-semibold">{title}</p>
      <div className="mt-1 text-soft">{children}</div>
    </div>
  );
}
