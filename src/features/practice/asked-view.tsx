'use client';

import type { Asked, Patch as Shown, PracticeSurround } from '@/core/eye/asked-parts';
import { Button } from '@/ui/button';
import { classNames } from '@/ui/class-names';

type Props = {
  readonly asked: Asked;
  /** What was answered; undefined while it is asked. */
  readonly answered: number | undefined;
  readonly onAnswer: (which: number) => void;
};

/** A colour that nothing is said of: to say it would be to answer. */
const Plain = ({ hex, className }: { readonly hex: string; readonly className: string }) => (
  <span aria-hidden data-patch={hex} className={className} style={{ backgroundColor: hex }} />
);

/** One field: its colour, or two that touch, one over the other. */
function Field({ of, className }: { readonly of: readonly Shown[]; readonly className: string }) {
  return (
    <span className={classNames('flex flex-col', className)}>
      {of.map((p, k) => (
        <Plain key={k} hex={p.hex} className="min-h-0 flex-1" />
      ))}
    </span>
  );
}

/** What the fields are compared with: a thing in its parts, or one colour. */
function Beside({ beside }: { readonly beside: NonNullable<Asked['beside']> }) {
  return (
    <div role="img" aria-label={beside.name} className="flex h-24 w-full max-sm:h-16">
      {beside.parts.map((p, k) => (
        <span key={k} className="min-h-0" style={{ flexGrow: p.share, flexBasis: 0 }}>
          <Plain hex={p.hex} className="block h-full" />
        </span>
      ))}
    </div>
  );
}

const PLACES: Readonly<Record<number, readonly string[]>> = {
  1: ['The colour'],
  2: ['Left', 'Right'],
  3: ['Left', 'Middle', 'Right'],
};

/** Neutrals as the work has them: its light, grey and dark surrounds, and paper. */
const SURROUNDS: Readonly<Record<PracticeSurround, string>> = {
  light: '',
  grey: 'bg-[#777777] p-8 max-sm:p-3',
  dark: 'bg-[#232323] p-8 max-sm:p-3',
  paper: 'bg-white p-8 max-sm:p-3',
};

/** What is asked, its fields as large as the screen has room for; after the answer they touch. */
export function AskedView({ asked, answered, onAnswer }: Props) {
  const { fields, words, beside, right, surround } = asked;
  const byField = words.length === 0;
  const done = answered !== undefined;
  const mark = (k: number) => (!done ? '' : k === right ? 'outline-4 outline-ink outline-solid -outline-offset-4' : '');
  return (
    <div className="grid min-h-0 grid-rows-[minmax(0,1fr)_auto] gap-3">
      <div
        data-surround={surround}
        className={classNames('grid min-h-0 grid-rows-[auto_minmax(0,1fr)] gap-3', SURROUNDS[surround])}
      >
        {beside ? <Beside beside={beside} /> : <span />}
        <div className={classNames('flex min-h-56 max-sm:min-h-40', !done && 'gap-6 max-sm:gap-2')}>
          {fields.map((of, k) =>
            byField ? (
              <button
                key={k}
                type="button"
                aria-label={PLACES[fields.length]![k]}
                disabled={done}
                onClick={() => onAnswer(k)}
                className={classNames('flex min-h-0 flex-1 cursor-pointer disabled:cursor-default', mark(k))}
              >
                <Field of={of} className="flex-1" />
              </button>
            ) : (
              <Field key={k} of={of} className="flex-1" />
            ),
          )}
        </div>
      </div>
      {!byField && (
        <div className="grid auto-cols-fr grid-flow-col gap-2 max-sm:grid-flow-row max-sm:grid-cols-2">
          {words.map((word, k) => (
            <Button
              key={word}
              disabled={done && k !== right && k !== answered}
              aria-pressed={done ? k === answered : undefined}
              look={done && k === right ? 'main' : 'plain'}
              className="min-h-14 text-lg"
              onClick={() => !done && onAnswer(k)}
            >
              {word}
            </Button>
          ))}
        </div>
      )}
    </div>
  );
}
