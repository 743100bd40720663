'use client';

import { Search, SlidersHorizontal, X } from 'lucide-react';
import { useState } from 'react';
import { lightnessOfLrv } from '@/core/colour/lab';
import { screenColour } from '@/core/colour/srgb';
import { FAMILIES } from '@/core/colour/family';
import type { Wanted } from '@/core/engine/judgement-protocol';
import { OFFERED_STRENGTHS } from '@/core/paint/strength';
import { Button } from '@/ui/button';
import { ManyChoice } from '@/ui/many-choice';
import { RangeSlider } from '@/ui/range-slider';
import { SchoolFields } from '../entry/school-fields';
import type { ShortlistSearch } from './use-shortlist';

type Props = { readonly search: ShortlistSearch; readonly makers: readonly string[] };

/** Neutral from black to white, spaced as LRV is. */
const DEPTH_TRACK = `linear-gradient(to right, ${[0, 5, 10, 20, 40, 60, 80, 100]
  .map((lrv) => `${screenColour({ l: lightnessOfLrv(lrv), a: 0, b: 0 }).hex} ${lrv}%`)
  .join(', ')})`;

function Strengths({ filter, onChange }: { readonly filter: Wanted; readonly onChange: (f: Wanted) => void }) {
  const toggle = (strength: number) => {
    const on = filter.strengths.includes(strength);
    const strengths = on ? filter.strengths.filter((s) => s !== strength) : [...filter.strengths, strength];
    if (strengths.length > 0) onChange({ ...filter, strengths });
  };
  return (
    <fieldset>
      <legend className="mb-1 text-sm text-soft">Strengths, %</legend>
      <div className="flex">
        {OFFERED_STRENGTHS.map((strength) => (
          <Button
            key={strength}
            className="-ml-px px-1.5 first:ml-0"
            look={filter.strengths.includes(strength) ? 'main' : 'plain'}
            aria-pressed={filter.strengths.includes(strength)}
            aria-label={`${strength} %`}
            title={strength < 50 ? 'Under 50 % there is hardly any tint left for most tastes' : undefined}
            onClick={() => toggle(strength)}
          >
            {strength}
          </Button>
        ))}
      </div>
    </fieldset>
  );
}

/** What is looked through, and by which schools: these are the visit's. */
export function ShortlistFilters({ search, makers }: Props) {
  const { filter, setFilter } = search;
  const set = (change: Partial<Wanted>) => setFilter({ ...filter, ...change });
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button className="mb-2 lg:hidden" aria-expanded={open} onClick={() => setOpen(!open)}>
        <SlidersHorizontal aria-hidden size={18} /> Narrow it down
      </Button>
      <div className={`mb-3 flex flex-wrap items-end gap-2.5 ${open ? '' : 'max-lg:hidden'}`}>
        <RangeSlider
          className="w-52"
          label="Depth"
          unit="LRV"
          min={0}
          max={100}
          step={1}
          value={filter.lrv}
          track={DEPTH_TRACK}
          onChange={(lrv) => set({ lrv })}
        />
        <Button
          look={filter.onlyWorks ? 'main' : 'plain'}
          aria-pressed={filter.onlyWorks}
          onClick={() => set({ onlyWorks: !filter.onlyWorks })}
        >
          Only what works
        </Button>
        <Strengths filter={filter} onChange={setFilter} />
        <ManyChoice
          className="w-36"
          label="Family"
          every="every family"
          value={filter.families}
          options={FAMILIES}
          onChange={(families) => set({ families })}
        />
        <ManyChoice
          className="w-36"
          label="Maker"
          every="every maker"
          value={filter.makers}
          options={makers}
          onChange={(chosen) => set({ makers: chosen })}
        />
        <details className="open:flex open:basis-full open:items-end open:gap-2.5">
          <summary className="flex min-h-11 cursor-pointer items-center border border-line-strong bg-panel px-4 text-[0.9375rem] hover:bg-raised">
            Schools
          </summary>
          <div className="flex flex-wrap gap-2.5">
            <SchoolFields />
          </div>
        </details>
      </div>
    </>
  );
}

/** Gives the search up, or begins it again. */
export function SearchButton({ search }: { readonly search: ShortlistSearch }) {
  return search.given ? (
    <Button look="main" onClick={search.search}>
      <Search aria-hidden size={18} /> Find what could work
    </Button>
  ) : (
    <Button look="strong" onClick={search.cancel}>
      <X aria-hidden size={18} /> Cancel
    </Button>
  );
}
