'use client';

import type { Preparation } from '@/core/handover/preparation';
import { UNDERCOAT_CHOICES, type CoatsAdvice } from '@/core/paint/coats';
import { FINISHES, PRODUCT_NAMES } from '@/core/paint/product';
import { potCaution, SHEEN_GRADES } from '@/core/paint/sheen';
import { MOST_COATS, type Choice } from '@/core/record/decision';
import { Button } from '@/ui/button';
import { ChoiceField, TextField } from '@/ui/field';
import { useState } from 'react';

const UNDERCOAT_WORDS = { none: 'none', white: 'white', grey: 'mid grey', tinted: 'tinted toward it' } as const;
const PRIMER_WORDS = { none: 'none', spots: 'bare spots', full: 'all of it' } as const;

/** Two adjoining choices of sheen, with what is advised. */
type SheenProps = {
  readonly choice: Choice;
  readonly advised: { readonly sheen: string; readonly why: string };
  readonly onChange: (sheen: Choice['sheen']) => void;
};
function SheenField({ choice, advised, onChange }: SheenProps) {
  return (
    <ChoiceField
      label="Sheen"
      value={choice.sheen}
      hint={choice.sheen === advised.sheen ? `${advised.sheen}: ${advised.why}` : `Advised: ${advised.sheen}, ${advised.why}`}
      onChange={(chosen) => onChange(chosen)}
    >
      {SHEEN_GRADES.map((grade) => (
        <option key={grade}>{grade}</option>
      ))}
    </ChoiceField>
  );
}

type AdviceProps = {
  readonly choice: Choice;
  readonly advice: CoatsAdvice | undefined;
  /** Asks again, where nothing could be read. */
  readonly failed: (() => void) | undefined;
  readonly onUse: (advice: CoatsAdvice) => void;
};
/** What the paint's own hiding asks for, and why. */
function Advice({ choice, advice, failed, onUse }: AdviceProps) {
  if (!advice && failed)
    return (
      <p role="alert" className="text-sm">
        What the paint hides could not be read. <Button onClick={failed}>Try again</Button>
      </p>
    );
  if (!advice) return <p className="text-sm text-soft">Coats: asking what the paint hides…</p>;
  const same = choice.coats === advice.coats && choice.undercoat === advice.undercoat;
  const says = `${advice.coats} coats${advice.undercoat === 'none' ? '' : `, undercoat ${UNDERCOAT_WORDS[advice.undercoat]}`}`;
  return (
    <div className="flex flex-wrap items-center justify-between gap-2 text-sm">
      <p className="min-w-0 flex-1">
        <b>{same ? 'As advised' : `Advised: ${says}`}</b>: {advice.why}.
      </p>
      {!same && <Button onClick={() => onUse(advice)}>Use it</Button>}
    </div>
  );
}

type Props = {
  readonly choice: Choice;
  readonly advised: { readonly sheen: string; readonly why: string };
  readonly advice: CoatsAdvice | undefined;
  /** Asks again, where nothing could be read. */
  readonly failed: (() => void) | undefined;
  /** What the surface needs first; undefined where nobody said what is there. */
  readonly preparation: Preparation | undefined;
  readonly onChange: (choice: Choice) => void;
};

/** How surfaces are painted in their colour: sheen, product, coats, what goes under it, and why. Every change is kept at once. */
export function ChoiceForm({ choice, advised, advice, failed, preparation, onChange }: Props) {
  const [why, setWhy] = useState(choice.why);
  const set = (change: Partial<Choice>) => onChange({ ...choice, ...change });
  const caution = potCaution(choice.sheen);
  return (
    <div className="grid gap-3">
      <div className="grid grid-cols-2 gap-3">
        <SheenField choice={choice} advised={advised} onChange={(sheen) => set({ sheen })} />
        <ChoiceField label="Product" value={choice.finish} onChange={(chosen) => set({ finish: chosen })}>
          {FINISHES.map((finish) => (
            <option key={finish} value={finish}>
              {PRODUCT_NAMES[finish]}
            </option>
          ))}
        </ChoiceField>
      </div>
      <div className="grid grid-cols-3 gap-3">
        <ChoiceField label="Coats" value={String(choice.coats)} onChange={(chosen) => set({ coats: Number(chosen) })}>
          {Array.from({ length: MOST_COATS }, (_, n) => (
            <option key={n} value={n + 1}>
              {n + 1}
            </option>
          ))}
        </ChoiceField>
        <ChoiceField label="Undercoat" value={choice.undercoat} onChange={(chosen) => set({ undercoat: chosen })}>
          {UNDERCOAT_CHOICES.map((u) => (
            <option key={u} value={u}>
              {UNDERCOAT_WORDS[u]}
            </option>
          ))}
        </ChoiceField>
        <ChoiceField label="Primer" value={choice.primer} onChange={(chosen) => set({ primer: chosen })}>
          {(['none', 'spots', 'full'] as const).map((p) => (
            <option key={p} value={p}>
              {PRIMER_WORDS[p]}
            </option>
          ))}
        </ChoiceField>
      </div>
      <Advice {...{ choice, advice, failed }} onUse={({ coats, undercoat }) => set({ coats, undercoat })} />
      {preparation && (
        <div className="flex flex-wrap items-center justify-between gap-2 text-sm">
          <p className="min-w-0 flex-1">
            <b>Before paint</b>: {preparation.says}.
          </p>
          {preparation.primer !== choice.primer && (
            <Button onClick={() => set({ primer: preparation.primer })}>Primer: {PRIMER_WORDS[preparation.primer]}</Button>
          )}
        </div>
      )}
      <TextField
        label="Why, in your words"
        value={why}
        maxLength={500}
        placeholder="It rests; she slept on it"
        onChange={(e) => setWhy(e.target.value)}
        onBlur={() => why.trim() !== choice.why && set({ why: why.trim() })}
      />
      {caution && <p className="text-sm text-soft">{caution}</p>}
    </div>
  );
}
