'use client';

import { inUnits } from '@/core/units/length';
import { useHome } from '../session/visit-context';
import { ASSUMED, CURTAINS, GLAZINGS, GROUNDS, OBSTRUCTIONS, TABLES_ORIGIN } from '@/core/light/assumptions';

const number = (value: number) => value.toLocaleString('en-GB', { maximumFractionDigits: 3 });

const TABLES = [
  ['Ground outside', Object.values(GROUNDS).map((g) => g.name)],
  ['What stands opposite', Object.values(OBSTRUCTIONS).map((o) => o.name)],
  ['Glass', Object.values(GLAZINGS).map((g) => `${g.name} ${Math.round(100 * g.transmittance)} %`)],
  ['Curtains', Object.values(CURTAINS).map((c) => c.name)],
] as const;

/** Everything the computed light rests on that was not measured here, each with where it comes from. */
export function AssumptionsList() {
  const { units } = useHome();
  return (
    <details>
      <summary className="flex min-h-11 cursor-pointer items-center text-sm text-soft underline decoration-line-strong underline-offset-4">
        what the computed light rests on
      </summary>
      <dl className="grid gap-1.5 text-sm">
        {Object.values(ASSUMED).map(({ what, value, unit, origin }) => (
          <div key={what}>
            <dt className="inline">
              {what}: <b>{inUnits(`${number(value)} ${unit}`.trim(), units)}</b>
            </dt>{' '}
            <dd className="inline text-soft">{origin}</dd>
          </div>
        ))}
        {TABLES.map(([what, names]) => (
          <div key={what}>
            <dt className="inline">
              {what}: {names.join(', ')}
            </dt>{' '}
            <dd className="inline text-soft">{TABLES_ORIGIN}</dd>
          </div>
        ))}
      </dl>
    </details>
  );
}
