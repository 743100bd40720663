import type { HousePaper } from '@/core/handover/house-paper';
import { Chip } from './paper-parts';

/** What nobody decided, on paper. */
const OPEN = '#ffffff';
const EXACT = { printColorAdjust: 'exact' } as const;

function Plan({ plan: { width, height, rooms, doors } }: { readonly plan: NonNullable<HousePaper['plan']> }) {
  return (
    <svg
      viewBox={`-0.2 -0.2 ${width + 0.4} ${height + 0.4}`}
      role="img"
      aria-label={`How the rooms join: ${rooms.map((r) => r.name).join(', ')}`}
      className="mt-2 max-h-56 w-full"
    >
      {rooms.map(({ x0, y0, x1, y1, name }) => (
        <g key={name}>
          <rect x={x0} y={y0} width={x1 - x0} height={y1 - y0} fill="#fff" stroke="#000" strokeWidth={0.1} />
          <text x={(x0 + x1) / 2} y={(y0 + y1) / 2 + 0.14} textAnchor="middle" fontSize={0.4}>
            {name}
          </text>
        </g>
      ))}
      {doors.map(([p, q], k) => (
        <line key={k} x1={p[0]} y1={p[1]} x2={q[0]} y2={q[1]} stroke="#fff" strokeWidth={0.14} />
      ))}
    </svg>
  );
}

/** The house as one, on the client's sheet: rooms as bands, how they join, what one sees together. */
export function HouseOnPaper({ house: { strips, plan, sights, runs } }: { readonly house: HousePaper }) {
  return (
    <section aria-label="The house as one" className="break-before-page">
      <h3 className="mt-6 text-lg font-semibold">The house as one</h3>
      <ul className="mt-2 grid grid-cols-4 gap-2 max-sm:grid-cols-2">
        {strips.map(({ room, says, wall, trim, floor }) => (
          <li key={room} className="break-inside-avoid">
            <div className={wall ? 'border border-black' : 'border border-dashed border-black'} style={EXACT}>
              <div className="h-14" style={{ backgroundColor: wall ?? OPEN }} />
              <div className="h-2" style={{ backgroundColor: trim ?? OPEN }} />
              <div className="h-5" style={{ backgroundColor: floor ?? OPEN }} />
            </div>
            <b>{room}</b>
            <p className="text-sm text-[#333]">{says}</p>
          </li>
        ))}
      </ul>
      {plan && <Plan plan={plan} />}
      {runs.length > 0 && <h4 className="mt-2 font-semibold">What runs through</h4>}
      <ul>
        {runs.map(({ hex, says }) => (
          <li key={says} className="flex items-center gap-3 py-1">
            <Chip hex={hex} /> {says}
          </li>
        ))}
      </ul>
      {sights.length > 0 && <h4 className="mt-2 font-semibold">What one sees together, in even light</h4>}
      <ul>
        {sights.map(({ says, together, near, far, frame }) => (
          <li key={says} className="flex break-inside-avoid items-center gap-3 border-t border-[#999] py-1.5">
            <div className="flex h-10 w-32 shrink-0" aria-hidden style={EXACT}>
              {[near, frame ?? OPEN, far, frame ?? OPEN, near].map((hex, k) => (
                <div
                  key={k}
                  className={['flex-[6]', 'flex-[1]', 'flex-[4]', 'flex-[1]', 'flex-[6]'][k]}
                  style={{ backgroundColor: hex }}
                />
              ))}
            </div>
            <span className="flex-1">{says}</span>
            <b>{together}</b>
          </li>
        ))}
      </ul>
    </section>
  );
}
