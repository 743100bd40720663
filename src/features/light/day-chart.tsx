'use client';

import { habitsOf, hourTick } from '@/core/units/habits';
import { memo, useMemo } from 'react';
import { Line, LineChart, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';
import { clockText, wallClock } from '@/core/light/time-zone';
import type { DayAnswer } from '@/core/engine/light-protocol';
import { useCursorPart } from '../cursor/cursor';
import { spanOf } from '../cursor/day-span';
import { momentIndex } from '../light-client/room-day';
import { useHome } from '../session/visit-context';
import { sayKelvin, sayLux } from '../words/say-light';

type Props = { readonly day: DayAnswer; readonly zone: string; readonly place: number; readonly scale: number };

/** Faintest light drawn, lx. */
const LEAST = 3;

const axis = { stroke: 'var(--soft)', fontSize: '0.75rem', tickLine: false } as const;

/** Widths of the two axes, px: the plot lies between them. */
const AXES = { left: 52, right: 50 } as const;

/** The two curves; drawn once for a day, not for the cursor. */
const Curves = memo(function Curves({ day, zone, place, scale }: Props) {
  const reads = habitsOf(useHome()).clock;
  const lampsOn = useCursorPart((m) => m.lampsOn);
  const points = useMemo(
    () =>
      (lampsOn ? day.withLamps : day.daylight).map((all, m) => {
        const { lux, cctK } = all[place]!;
        const shown = lux * scale;
        const lit = shown >= LEAST;
        return { moment: m, lux: lit ? shown : null, kelvin: lit && cctK ? Math.min(cctK, 15_000) : null };
      }),
    [day, place, scale, lampsOn],
  );
  // the ribbon's own stretch of the day
  const { first, last } = spanOf(day);
  const clock = (m: number) => wallClock(day.moments[m]!, zone).hours;
  const ticks = day.moments.flatMap((_, m) => (m >= first && m <= last && clock(m) % 2 === 0 ? [m] : []));
  return (
    <ResponsiveContainer>
      <LineChart data={points} margin={{ top: 6, right: 0, bottom: 0, left: 0 }}>
        <XAxis
          dataKey="moment"
          type="number"
          domain={[first, last]}
          allowDataOverflow
          ticks={ticks}
          tickFormatter={(m: number) => hourTick(Math.floor(clock(m)), reads)}
          {...axis}
        />
        <YAxis
          yAxisId="lux"
          scale="log"
          domain={[LEAST, 'auto']}
          allowDataOverflow
          width={AXES.left}
          tickFormatter={(v: number) => sayLux(v).replace(' lx', '')}
          {...axis}
        />
        <YAxis
          yAxisId="kelvin"
          orientation="right"
          domain={[2000, 'auto']}
          width={AXES.right}
          tickFormatter={(v: number) => `${v / 1000}k`}
          {...axis}
        />
        <Tooltip
          isAnimationActive={false}
          labelFormatter={(m) => clockText(clock(Number(m)))}
          formatter={(value, name) => (name === 'lux' ? sayLux(Number(value)) : sayKelvin(Number(value)))}
          contentStyle={{ background: 'var(--raised)', border: '1px solid var(--line-strong)', borderRadius: 0 }}
        />
        <Line yAxisId="lux" dataKey="lux" stroke="var(--ink)" strokeWidth={2.5} dot={false} isAnimationActive={false} />
        <Line
          yAxisId="kelvin"
          dataKey="kelvin"
          stroke="var(--soft)"
          strokeWidth={2}
          strokeDasharray="4 4"
          dot={false}
          isAnimationActive={false}
        />
      </LineChart>
    </ResponsiveContainer>
  );
});

function Cursor({ day }: Pick<Props, 'day'>) {
  const index = useCursorPart((m) => momentIndex(day, m.at));
  const { first, last } = spanOf(day);
  const share = Math.max(0, Math.min(1, (index - first) / (last - first)));
  return (
    <span
      aria-hidden
      className="pointer-events-none absolute top-1.5 bottom-7.5 w-0.5 bg-ink"
      style={{ left: `calc(${AXES.left}px + ${share} * (100% - ${AXES.left + AXES.right}px))` }}
    />
  );
}

/** Lux (solid, left) and temperature (dashed, right) of one position through the day, with the cursor over it. */
export function DayChart(props: Props) {
  return (
    <div>
      <div className="relative h-52 w-full" role="img" aria-label="Chart of lux and colour temperature through the day">
        <Curves {...props} />
        <Cursor day={props.day} />
      </div>
      <p className="text-sm text-soft">solid: lux, left · dashed: temperature in K, right</p>
    </div>
  );
}
