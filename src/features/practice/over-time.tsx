'use client';

import { useState } from 'react';
import { Area, ComposedChart, Line, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { EXERCISES, PRACTISED_WORDS, type Exercise } from '@/core/eye/exercises';
import type { PracticeSet } from '@/core/record/eye';
import { ChoiceField } from '@/ui/field';
import { overTime } from './trials';

const axis = { stroke: 'var(--soft)', fontSize: '0.75rem', tickLine: false } as const;
const days = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' });

/** How fine the eye was after each sitting, with the interval. */
export function OverTime({ sets }: { readonly sets: readonly PracticeSet[] }) {
  const done = EXERCISES.filter((e) => overTime(sets, e).length > 0);
  const [chosen, setChosen] = useState<Exercise>();
  const of = chosen ?? done[0];
  const points = of ? overTime(sets, of).map((p) => ({ at: p.at, estimate: p.estimate, between: [p.low, p.high] })) : [];
  if (!of) return null;
  const last = points.at(-1)!;
  const says = `${PRACTISED_WORDS[of].name}: seen from ΔE ${last.estimate.toFixed(1)} now, after ${points.length} sittings`;
  return (
    <section aria-label="Over time" className="grid gap-2">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <h2 className="text-lg font-semibold">Over time</h2>
        <ChoiceField label="Exercise" value={of} onChange={setChosen}>
          {done.map((e) => (
            <option key={e} value={e}>
              {PRACTISED_WORDS[e].name}
            </option>
          ))}
        </ChoiceField>
      </div>
      <div role="img" aria-label={says} className="h-48">
        <ResponsiveContainer>
          <ComposedChart data={points} margin={{ top: 6, right: 12, bottom: 0, left: 0 }}>
            <XAxis
              dataKey="at"
              type="number"
              scale="time"
              domain={['dataMin', 'dataMax']}
              tickFormatter={(at: number) => days.format(at)}
              {...axis}
            />
            <YAxis scale="log" domain={['auto', 'auto']} width={52} tickFormatter={(v: number) => v.toFixed(1)} {...axis} />
            <Area dataKey="between" stroke="none" fill="var(--line-strong)" fillOpacity={0.45} isAnimationActive={false} />
            <Line dataKey="estimate" stroke="var(--ink)" strokeWidth={2} dot isAnimationActive={false} />
          </ComposedChart>
        </ResponsiveContainer>
      </div>
      <p className="text-sm text-soft">
        ΔE at which three of four are told right; the band is where it lies for 95 %. Lower is finer. {says}.
      </p>
    </section>
  );
}
