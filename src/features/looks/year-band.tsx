'use client';

import { useHome } from '../session/visit-context';
import { habitsOf, hourTick } from '@/core/units/habits';
import { SCENE } from '@/core/appearance/scene';
import type { SeasonMonth, SeasonRuling } from '@/core/engine/plan-protocol';
import { REASON_WORDS } from '@/core/judge/reasons';
import { roomRecord } from '@/core/derived/room-record';
import { sayRuling } from '@/core/derived/say-ruling';
import { LIGHT_NAMES, type JudgingLight } from '@/core/room/facing';
import { VerdictBar } from '@/ui/verdict-mark';
import { useCursorPart } from '../cursor/cursor';
import { inQuestion } from '../light-client/house-plan';
import { useRoom } from '../session/visit-context';
import { useSeason } from './use-room-question';

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'] as const;
const NIGHT_LUX = SCENE.tooDarkLux;
const SEVERITY = { works: 0, nearly: 1, no: 2 } as const;

/** The year in this room: a column a month, its hours from six in the morning to eight at night, under a clear sky. */
function Year({ months, month }: { readonly months: readonly SeasonMonth[]; readonly month: number }) {
  const reads = habitsOf(useHome()).clock;
  return (
    <div className="grid grid-cols-[2.5rem_repeat(12,minmax(0,1fr))] gap-px">
      <div className="grid auto-rows-fr text-right text-xs text-soft">
        {months[0]?.hours.map(({ hour }) => (
          <span key={hour} className="pr-1 leading-4">
            {hourTick(hour, reads)}
          </span>
        ))}
      </div>
      {months.map((m) => (
        <div key={m.month}>
          <div
            role="img"
            aria-label={`${MONTHS[m.month - 1]}: ${m.hours.filter((h) => h.lux >= NIGHT_LUX).length} of ${m.hours.length} hours with daylight`}
          >
            {m.hours.map(({ hour, hex, lux }) => (
              <div key={hour} className="h-4" style={{ backgroundColor: lux < NIGHT_LUX ? '#5c5c5c' : hex }} />
            ))}
          </div>
          <p
            className={`text-center text-sm ${m.month === month ? 'border-t-4 border-ink font-semibold' : 'border-t-4 border-transparent text-soft'}`}
          >
            {MONTHS[m.month - 1]}
          </p>
        </div>
      ))}
    </div>
  );
}

/** The worst over the lights of a season. */
const worstOf = (ruling: SeasonRuling, id: string) =>
  [...(ruling.colours.find((c) => c.id === id)?.lights ?? [])].sort((p, q) => SEVERITY[q.verdict] - SEVERITY[p.verdict])[0];

/** The same room in December and in June, and how far what is ruled still holds then. */
export function YearBand({ roomId }: { readonly roomId: string }) {
  const room = useRoom(roomId);
  const date = useCursorPart((m) => m.date);
  const asked = useSeason(roomId, true);
  if (asked.state === 'failed') return <p className="text-soft">{asked.says}</p>;
  if (asked.state === 'computing')
    return (
      <div role="status">
        <div className="h-1.5 bg-line">
          <div className="h-1.5 bg-ink" style={{ width: `${100 * asked.share}%` }} />
        </div>
        <p className="text-sm text-soft">computing the year in this room…</p>
      </div>
    );
  const { months, rulings } = asked.value;
  const rows = new Map(roomRecord(room).rows.map((r) => [r.candidate.id, r]));
  return (
    <div className="grid gap-4">
      <Year months={months} month={Number(date.slice(5, 7))} />
      {rulings.length > 0 && (
        <table className="w-full text-left text-[0.9375rem]">
          <thead>
            <tr className="text-sm text-soft">
              <th className="py-1 pr-3 font-normal">Predicted in the lights of</th>
              {rulings.map((r) => (
                <th key={r.month} className="pr-3 font-normal">
                  {MONTHS[r.month - 1]}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {inQuestion(room).map((c) => {
              const found = rulings.map((r) => worstOf(r, c.id));
              const same = new Set(found.map((w) => w?.verdict)).size === 1;
              return (
                <tr key={c.id} className="border-t border-line align-top">
                  <th scope="row" className="py-1.5 pr-3 text-left font-semibold">
                    {c.name} {c.strength} %
                    <span className="block text-sm font-normal text-soft">
                      {sayRuling(rows.get(c.id)!)}; {same ? 'the same all year' : 'changes with the season'}
                    </span>
                  </th>
                  {found.map((worst, k) => (
                    <td key={k} className="w-1/6 py-1.5 pr-3">
                      {worst && (
                        <>
                          <VerdictBar mark={worst.verdict} />
                          <p className="text-sm leading-4">
                            {worst.verdict}
                            {worst.reason && (
                              <span className="text-soft">
                                , {REASON_WORDS[worst.reason]}
                                {worst.stay >= 0 && ` beside ${room.stays[worst.stay]?.name}`},{' '}
                                {LIGHT_NAMES[worst.kind as JudgingLight]}
                              </span>
                            )}
                          </p>
                        </>
                      )}
                    </td>
                  ))}
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
    </div>
  );
}
