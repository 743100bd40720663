'use client';

import { Search, X } from 'lucide-react';
import { FAMILIES } from '@/core/colour/family';
import { OFFERED_STRENGTHS } from '@/core/paint/strength';
import { typedNumber } from '@/core/units/length';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/field';
import { ManyChoice } from '@/ui/many-choice';
import { SchoolFields } from '../entry/school-fields';
import type { ShortlistFilter, ShortlistSearch } from './use-shortlist';

/** A typed LRV; what stands for an empty or unreadable field otherwise. */
function lrvOf(text: string, empty: number): number {
  const value = typedNumber(text);
  return Number.isFinite(value) ? Math.min(100, Math.max(0, value)) : empty;
}

type Props = { readonly search: ShortlistSearch; readonly makers: readonly string[] };

function Strengths({ filter, onChange }: { readonly filter: ShortlistFilter; readonly onChange: (f: ShortlistFilter) => void }) {
  const toggle = (strength: number) => {
    const on = filter.strengths.includes(strength);
    const strengths = on ? filter.strengths.filter((s) => s !== strength) : [...filter.strengths, strength];
    if (strengths.length > 0) onChange({ ...filter, strengths });
  };
  return (
    <fieldset>
      <legend className="mb-1 text-sm text-soft">Strengths</legend>
      <div className="flex">
        {OFFERED_STRENGTHS.map((strength) => (
          <Button
            key={strength}
            className="-ml-px px-2 first:ml-0"
            look={filter.strengths.includes(strength) ? 'main' : 'plain'}
            aria-pressed={filter.strengths.includes(strength)}
            title={strength < 50 ? 'Under 50 % there is hardly any tint left for most tastes' : undefined}
            onClick={() => toggle(strength)}
          >
            {strength} %{strength < 50 ? ' weak' : ''}
          </Button>
        ))}
      </div>
    </fieldset>
  );
}

/** What is looked through, and by which schools: these are the visit's. */
export function ShortlistFilters({ search, makers }: Props) {
  const { filter, setFilter } = search;
  const set = (change: Partial<ShortlistFilter>) => setFilter({ ...filter, ...change });
  return (
    <div className="mb-3 flex flex-wrap items-end gap-2.5">
      <ManyChoice
        className="w-34"
        label="Family"
        every="every family"
        value={filter.families}
        options={FAMILIES}
        onChange={(families) => set({ families })}
      />
      <TextField
        className="w-17"
        label="LRV from"
        inputMode="numeric"
        placeholder="0"
        defaultValue={filter.lrv[0] || ''}
        onChange={(e) => set({ lrv: [lrvOf(e.target.value, 0), filter.lrv[1]] })}
      />
      <TextField
        className="w-17"
        label="to"
        inputMode="numeric"
        placeholder="100"
        defaultValue={filter.lrv[1] < 100 ? filter.lrv[1] : ''}
        onChange={(e) => set({ lrv: [filter.lrv[0], lrvOf(e.target.value, 100)] })}
      />
      <ManyChoice
        className="w-34"
        label="Maker"
        every="every maker"
        value={filter.makers}
        options={makers}
        onChange={(chosen) => set({ makers: chosen })}
      />
      <Strengths filter={filter} onChange={setFilter} />
      <SchoolFields />
    </div>
  );
}

/** Begins the search, or gives it up. */
export function SearchButton({ search }: { readonly search: ShortlistSearch }) {
  const busy = search.asked && search.found.state === 'computing';
  return busy ? (
    <Button look="strong" onClick={search.cancel}>
      <X aria-hidden size={18} /> Cancel
    </Button>
  ) : (
    <Button look="main" onClick={search.search}>
      <Search aria-hidden size={18} /> Find what could work
    </Button>
  );
}
