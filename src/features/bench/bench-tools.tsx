'use client';

import { directions } from '@/core/colour/directions';
import { sayTowards } from '@/core/judge/say-towards';
import type { Candidate } from '@/core/record/candidate';
import { Button } from '@/ui/button';
import { ChoiceRow } from '@/ui/choice-row';
import { ShownSwitch } from '../light-client/in-light';
import type { Bench } from './use-bench';
import { VIEW_WORDS, VIEWS, type Ground } from './use-bench-view';

/** How the pair is shown, what lies around it, and in which light. */
export function BenchTools({ bench }: { readonly bench: Bench }) {
  const { view, setView, grounds, ground, setGroundId, glance, setGlance } = bench.layout;
  return (
    <div className="flex flex-wrap items-center gap-x-2.5 gap-y-2 xl:shrink-0">
      <ChoiceRow
        label="How the pair is shown"
        value={view}
        onChange={setView}
        options={VIEWS.map((v) => ({ value: v, label: VIEW_WORDS[v] }))}
      />
      <select
        aria-label="What lies around it"
        title="What lies around it (U)"
        className="min-h-11 max-w-40 border border-line-strong bg-raised px-2 text-[15px]"
        value={ground.id}
        onChange={(e) => setGroundId(e.target.value)}
      >
        {grounds.map((g) => (
          <option key={g.id} value={g.id}>
            on {g.name}
          </option>
        ))}
      </select>
      <Button
        aria-pressed={glance}
        look={glance ? 'main' : 'plain'}
        className="px-2.5"
        title="First glance (G): what is computed is hidden until the eye has spoken, and the time is kept"
        onClick={() => setGlance(!glance)}
      >
        First glance
      </Button>
      <ShownSwitch />
    </div>
  );
}

type WarningProps = { readonly ground: Ground; readonly candidate: Candidate; readonly onLeave: () => void };

/** Judging against a wall that will be painted is judging wrongly: says so, and what the wall does to the eye. */
export function WrongGround({ ground, candidate, onLeave }: WarningProps) {
  if (!ground.willBePainted || !ground.lab) return null;
  const pushed = sayTowards(directions(ground.lab, candidate.lab));
  return (
    <div role="alert" className="mb-2 flex flex-wrap items-center gap-x-4 gap-y-1 border-l-8 border-ink bg-raised px-3 py-2">
      <p className="min-w-0 flex-1">
        <b>Wrong ground: this wall will be painted.</b> Against it the colour looks {pushed} than it is. Judge beside what stays.
      </p>
      <Button onClick={onLeave}>Back to neutral grey</Button>
    </div>
  );
}
