'use client';

import { useState } from 'react';
import type { Minded } from '@/core/eye/minds';
import { MINDED, mindedOf, MINDED_WORDS } from '@/core/eye/minds';
import type { EyeFactors } from '@/core/judge/eye-in-force';
import { REASONS } from '@/core/judge/reasons';
import { RELATION } from '@/core/judge/model';
import { percent, upperFirst } from '@/core/base/words';
import type { EyeTold } from '@/server/eye/eye';
import { Button } from '@/ui/button';
import { ChoiceRow } from '@/ui/choice-row';
import { Confirm } from '@/ui/confirm';

/** Where a bar begins and ends: so many times as much, and as little, as most. */
const SPAN = 2.2;
const placeOf = (factor: number): number => 50 + (50 * Math.log(factor)) / Math.log(SPAN);
const clamped = (factor: number): number => Math.max(0, Math.min(100, placeOf(factor)));

const HUES: ReadonlySet<Minded> = new Set(['pink', 'green', 'yellow', 'violet']);
const times = (factor: number): string => factor.toFixed(1);

const days = new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric', timeZone: 'UTC' });

/** By how much it counts in what is predicted; 1 as for most. */
const countedOf = (of: Minded, factors: EyeFactors | null): number =>
  factors ? factors[REASONS.find((reason) => mindedOf(reason) === of)!] : 1;

/** "1.4 times as much as most: from 2.1 steps; softer since March 2026". */
function sayOf(of: Minded, { learnt, halves, halfAt }: EyeTold): string {
  const { factor, low, high } = learnt.minds[of];
  const counted = countedOf(of, learnt.factors);
  if (low < 1 && high > 1)
    return counted === 1 ? 'as most do, or not enough said' : `not sure yet; counted as ${times(counted)} times as much as most`;
  const steps = HUES.has(of) ? `, from ${(RELATION.hueStep / factor).toFixed(1)} steps beside what stays` : '';
  const changed = halves && changeOf(halves[0].minds[of].factor, halves[1].minds[of].factor);
  const since = changed && halfAt ? `; ${changed} since ${days.format(new Date(halfAt))}` : '';
  return `${times(factor)} times as much as most${steps}${since}`;
}
const CHANGED = 1.2;
function changeOf(before: number, since: number): string | undefined {
  if (since >= before * CHANGED) return 'stricter';
  return since <= before / CHANGED ? 'softer' : undefined;
}

function Bar({ of, told }: { readonly of: Minded; readonly told: EyeTold }) {
  const { factor, low, high } = told.learnt.minds[of];
  const says = sayOf(of, told);
  return (
    <li className="grid grid-cols-[9rem_minmax(0,1fr)_minmax(0,1.4fr)] items-center gap-4 py-1 max-sm:grid-cols-1 max-sm:gap-1">
      <span>{upperFirst(MINDED_WORDS[of])}</span>
      <span aria-hidden className="relative h-6 bg-panel">
        <span className="absolute inset-y-0 left-1/2 border-l border-ink" />
        <span
          className="absolute inset-y-2 bg-line-strong"
          style={{ left: `${clamped(low)}%`, right: `${100 - clamped(high)}%` }}
        />
        <span className="absolute inset-y-0.5 w-1.5 -translate-x-1/2 bg-ink" style={{ left: `${clamped(factor)}%` }} />
      </span>
      <span className="text-sm text-soft">{says}</span>
    </li>
  );
}

type Props = {
  readonly told: EyeTold;
  readonly onLearns: (learns: boolean) => void;
  readonly onForget: () => void;
};

/** What verdicts in rooms say of this eye, and whether predictions follow it. */
export function Portrait({ told, onLearns, onForget }: Props) {
  const { settings, verdicts, whole, learnt, foretold, parted } = told;
  // as it was set here last, before the page knows it from the server
  const [learns, setLearns] = useState(settings.learns);
  return (
    <section aria-label="Your eye in rooms" className="grid gap-3">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <h2 className="text-lg font-semibold">Your eye in rooms</h2>
        <ChoiceRow
          label="What is predicted"
          value={learns ? 'yours' : 'most'}
          onChange={(next) => {
            setLearns(next === 'yours');
            onLearns(next === 'yours');
          }}
          options={[
            { value: 'yours', label: 'predicted for your eye' },
            { value: 'most', label: 'as for most' },
          ]}
        />
      </div>
      <p className="text-lg">{learnt.says}</p>
      {parted.length > 0 && (
        <ul aria-label="Where it sees otherwise" className="grid gap-1">
          {parted.map((says) => (
            <li key={says}>{says}</li>
          ))}
        </ul>
      )}
      <p className="text-sm text-soft">
        From {verdicts === 1 ? 'one verdict' : `${verdicts} verdicts`} given looking, in all visits
        {whole ? '' : ', some of which are still being read'}.
        {foretold &&
          ` Each foretold by what the others taught: ${percent(foretold.after / foretold.of)} right, ${percent(foretold.before / foretold.of)} without your eye.`}
      </p>
      <ul>
        {MINDED.map((of) => (
          <Bar key={of} of={of} told={told} />
        ))}
      </ul>
      <p className="text-sm text-soft">
        The line in the middle is most eyes; to the right you mind it more. The grey is where it lies for 95 %.
        {learns && learnt.factors && ' Search, next sample and every prediction follow it.'}
      </p>
      {verdicts > 0 && (
        <div>
          <Confirm
            title="Forget what your verdicts taught?"
            body="Predictions are as for most eyes again, and learn from the verdicts that come. No verdict is deleted; you can take this back."
            action="Forget it"
            onConfirm={onForget}
          >
            <Button>Begin anew</Button>
          </Confirm>
        </div>
      )}
    </section>
  );
}
