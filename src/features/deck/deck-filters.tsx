'use client';

import { useMemo, useState } from 'react';
import { FAMILIES } from '@/core/colour/family';
import type { Lean } from '@/core/colour/lean';
import { typedNumber } from '@/core/units/length';
import { BASE_KINDS } from '@/core/paint/tint-system';
import { Button } from '@/ui/button';
import { ChoiceField, TextField } from '@/ui/field';
import type { DeckColour } from '@/core/derived/deck-colour';
import { NO_FILTER, type DeckFilter } from './deck-filter';

const LEANS: readonly Lean[] = [
  'pink',
  'orange-pink',
  'violet-pink',
  'yellow',
  'yellow-green',
  'green',
  'blue',
  'violet',
  'none',
];

/** A typed LRV, or what stands for an empty field. */
const lrvOf = (text: string, empty: number) => {
  const value = typedNumber(text);
  return Number.isFinite(value) ? Math.min(100, Math.max(0, value)) : empty;
};

type Props = {
  readonly colours: readonly DeckColour[];
  readonly filter: DeckFilter;
  readonly onChange: (filter: DeckFilter) => void;
};

/** What narrows the deck beside the name that is typed. */
const NARROWING = ['family', 'lean', 'from', 'to', 'maker', 'base', 'withFormula'] as const;

type FilterProps = { readonly filter: DeckFilter; readonly set: (change: Partial<DeckFilter>) => void };

function LrvRange({ filter, set }: FilterProps) {
  return (
    <>
      <TextField
        className="w-18"
        label="LRV from"
        inputMode="numeric"
        placeholder="0"
        defaultValue={filter.from || ''}
        onChange={(e) => set({ from: lrvOf(e.target.value, 0) })}
        key={`from ${filter === NO_FILTER}`}
      />
      <TextField
        className="w-18"
        label="to"
        inputMode="numeric"
        placeholder="100"
        defaultValue={filter.to < 100 ? filter.to : ''}
        onChange={(e) => set({ to: lrvOf(e.target.value, 100) })}
        key={`to ${filter === NO_FILTER}`}
      />
    </>
  );
}

/** Which school counts greys that lean green; asked where warm and cool are told apart. */
function GreenGreys({ filter, set }: FilterProps) {
  if (filter.lean !== 'warm' && filter.lean !== 'cool') return null;
  return (
    <ChoiceField
      className="w-40"
      label="Green-leaning greys are"
      value={filter.school}
      onChange={(chosen) => set({ school: chosen })}
    >
      <option value="cool">counted cool</option>
      <option value="warm">counted warm</option>
    </ChoiceField>
  );
}

/** Narrows the deck by name or code, family, lean, LRV, maker, base and whether a formula is known. */
export function DeckFilters({ colours, filter, onChange }: Props) {
  const makers = useMemo(() => [...new Set(colours.map((c) => c.maker))], [colours]);
  const families = useMemo(() => FAMILIES.filter((f) => colours.some((c) => c.family === f)), [colours]);
  const bases = useMemo(() => BASE_KINDS.filter((kind) => colours.some((c) => c.baseKind === kind)), [colours]);
  const set = (change: Partial<DeckFilter>) => onChange({ ...filter, ...change });
  const [open, setOpen] = useState(false);
  const narrowed = NARROWING.filter((key) => filter[key] !== NO_FILTER[key]).length;
  return (
    <div className="group flex flex-wrap items-end gap-2.5 px-5 pb-3 fold:px-3" data-open={open}>
      <TextField
        className="w-48 fold:flex-1"
        label="Find by name or code"
        type="search"
        value={filter.text}
        onChange={(e) => set({ text: e.target.value })}
      />
      <div className="hidden fold:block">
        <Button aria-expanded={open} onClick={() => setOpen(!open)}>
          {narrowed > 0 ? `Filters (${narrowed})` : 'Filters'}
        </Button>
      </div>
      <div className="contents fold:group-data-[open=false]:hidden">
        <ChoiceField className="w-32" label="Family" value={filter.family} onChange={(chosen) => set({ family: chosen })}>
          <option value="">every family</option>
          {families.map((f) => (
            <option key={f}>{f}</option>
          ))}
        </ChoiceField>
        <ChoiceField className="w-32" label="Lean" value={filter.lean} onChange={(chosen) => set({ lean: chosen })}>
          <option value="">every lean</option>
          <option>warm</option>
          <option>cool</option>
          {LEANS.map((lean) => (
            <option key={lean} value={lean}>
              {lean === 'none' ? 'no lean' : lean}
            </option>
          ))}
        </ChoiceField>
        <LrvRange {...{ filter, set }} />
        <ChoiceField className="w-34" label="Maker" value={filter.maker} onChange={(chosen) => set({ maker: chosen })}>
          <option value="">every maker</option>
          {makers.map((m) => (
            <option key={m}>{m}</option>
          ))}
        </ChoiceField>
        <ChoiceField className="w-28" label="Base" value={filter.base} onChange={(chosen) => set({ base: chosen })}>
          <option value="">any base</option>
          {bases.map((kind) => (
            <option key={kind}>{kind}</option>
          ))}
        </ChoiceField>
        <label className="flex min-h-11 items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="size-5 accent-[var(--ink)]"
            checked={filter.withFormula}
            onChange={(e) => set({ withFormula: e.target.checked })}
          />
          has a formula
        </label>
        <GreenGreys {...{ filter, set }} />
      </div>
      {filter !== NO_FILTER && <Button onClick={() => onChange(NO_FILTER)}>Show all</Button>}
    </div>
  );
}
