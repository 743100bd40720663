import type { ReactNode } from 'react';

type Props = {
  readonly name: string;
  readonly says: string;
  /** What else is to be said beside it. */
  readonly more?: ReactNode;
  /** It stands under a heading of its own. */
  readonly under?: boolean;
  readonly children: ReactNode;
};

/** One thing that goes with a colour: what it is at the left, what there is of it beside. */
export function ToldRow({ name, says, more, under = false, children }: Props) {
  const Heading = under ? 'h3' : 'h2';
  return (
    <section
      aria-label={name}
      className="grid grid-cols-[15rem_minmax(0,1fr)] gap-x-5 gap-y-2 max-md:grid-cols-1 print:break-inside-avoid"
    >
      <div>
        <Heading className="text-lg font-semibold">{name}</Heading>
        <p className="text-sm text-soft">{says}</p>
        {more}
      </div>
      {children}
    </section>
  );
}

/** What is said where there is none of it. */
export const NoneOfIt = ({ children }: { readonly children: ReactNode }) => <p className="self-center text-soft">{children}</p>;
