'use client';

import { CartesianGrid, Line, LineChart, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';
import { wavelength } from '@/core/colour/grid';
import type { Sheet } from '../entry/sheet-data';

/** Lines are told apart by their stroke, not by colour: the chart stays neutral beside the patches. */
const LINES = [
  { key: 'colour', name: '100 %', width: 3, dash: undefined },
  { key: 's75', name: '75 %', width: 2, dash: '8 4' },
  { key: 's50', name: '50 %', width: 2, dash: '4 4' },
  { key: 's25', name: '25 %', width: 2, dash: '1 4' },
  { key: 'base', name: 'base', width: 1, dash: undefined },
] as const;

/** Reflectance of a colour, its strengths and its base over wavelength. */
export function SpectrumChart({ sheet }: { readonly sheet: Sheet }) {
  const at = (percent: number) => sheet.strengths.find((s) => s.percent === percent)!.curve;
  const data = sheet.curve.map((r, i) => ({
    nm: wavelength(i),
    colour: 100 * r,
    s75: 100 * at(75)[i]!,
    s50: 100 * at(50)[i]!,
    s25: 100 * at(25)[i]!,
    base: 100 * sheet.base.curve[i]!,
  }));
  return (
    <figure>
      <div
        className="h-64 text-xs"
        role="img"
        aria-label="Reflectance in percent from 380 to 780 nanometres: the colour at 100, 75, 50 and 25 %, and its base"
      >
        <ResponsiveContainer width="100%" height="100%">
          <LineChart data={data} margin={{ top: 8, right: 12, bottom: 4, left: 0 }}>
            <CartesianGrid stroke="var(--line)" vertical={false} />
            <XAxis
              dataKey="nm"
              type="number"
              domain={[380, 780]}
              ticks={[400, 450, 500, 550, 600, 650, 700, 750]}
              unit=" nm"
              stroke="var(--soft)"
            />
            <YAxis domain={[0, 100]} ticks={[0, 25, 50, 75, 100]} unit=" %" width={48} stroke="var(--soft)" />
            <Tooltip
              isAnimationActive={false}
              formatter={(value) => `${Number(value).toFixed(1)} %`}
              labelFormatter={(nm) => `${String(nm)} nm`}
              contentStyle={{ background: 'var(--raised)', border: '1px solid var(--line-strong)', color: 'var(--ink)' }}
            />
            {LINES.map(({ key, name, width, dash }) => (
              <Line
                key={key}
                dataKey={key}
                name={name}
                stroke="var(--ink)"
                strokeWidth={width}
                dot={false}
                isAnimationActive={false}
                {...(dash ? { strokeDasharray: dash } : {})}
              />
            ))}
          </LineChart>
        </ResponsiveContainer>
      </div>
      <figcaption className="text-sm text-soft">
        Thick: 100 %. Long dashes: 75 %. Short dashes: 50 %. Dots: 25 %. Thin: the base.{' '}
        {sheet.measured ? 'From its spectrum.' : 'The smoothest surface with this Lab; the real one may differ.'}
      </figcaption>
    </figure>
  );
}
