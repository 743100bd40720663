import type { ReactNode } from 'react';
import type { LightDraft } from './light-draft';

export type SectionProps = {
  readonly draft: LightDraft;
  readonly errors: Readonly<Record<string, string>>;
  readonly onChange: (draft: LightDraft) => void;
};

export function Section({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <section className="grid gap-2">
      <h2 className="text-lg font-semibold">{title}</h2>
      {children}
    </section>
  );
}

/** What is seldom set, under one line that opens. It opens by itself when something in it is wrong. */
export function More({
  title,
  wrong,
  children,
}: {
  readonly title: string;
  readonly wrong: boolean;
  readonly children: ReactNode;
}) {
  return (
    <details open={wrong || undefined} className="w-full">
      <summary className="flex min-h-11 cursor-pointer items-center text-sm text-soft underline decoration-line-strong underline-offset-4">
        {title}
      </summary>
      <div className="flex flex-wrap items-start gap-2 pb-2">{children}</div>
    </details>
  );
}
