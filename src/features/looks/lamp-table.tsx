'use client';

import type { LampRow } from '@/core/engine/plan-protocol';
import { REASON_WORDS } from '@/core/judge/reasons';
import { Patch } from '@/ui/patch';
import { MarkedCell } from '@/ui/verdict-mark';
import { inQuestion } from '../light-client/house-plan';
import { useRoom } from '../session/visit-context';
import { VERDICT_WORDS } from '../words/verdict-words';
import { sayKelvin, sayLux } from '../words/say-light';
import { useLampAdvice } from './use-room-question';

/** "2,700 K, Ra 97", of what is changed. */
const sayOption = ({ option }: LampRow): string =>
  [
    option.cctK && `${option.cctK.toLocaleString('en-GB')} K`,
    option.ra && `Ra ${option.ra}`,
    option.lumensTimes !== 1 && `lumens × ${option.lumensTimes}`,
  ]
    .filter(Boolean)
    .join(', ');

/** What warmer, cooler, brighter or better lamps would do to the colours of a room and to what they are seen beside. */
export function LampTable({ roomId }: { readonly roomId: string }) {
  const room = useRoom(roomId);
  const asked = useLampAdvice(roomId, true);
  if (asked.state === 'failed') return <p className="text-soft">{asked.says}</p>;
  if (asked.state === 'computing')
    return (
      <p role="status" className="text-soft">
        computing other lamps…
      </p>
    );
  const candidates = inQuestion(room);
  const now = asked.value.rows[0];
  const labels = [...new Set(room.lamps.map((l) => `${sayKelvin(l.cctK)}${l.ra ? `, Ra ${l.ra}` : ''}`))].join('; ');
  return (
    <div className="overflow-x-auto">
      <table className="w-full text-left text-[0.9375rem]">
        <thead>
          <tr className="text-sm text-soft">
            <th className="py-1 pr-3 font-normal">Lamps, after dark</th>
            {candidates.map((c) => (
              <th key={c.id} className="min-w-28 pr-2 font-normal">
                {c.name} {c.strength} %
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {asked.value.rows.map((row) => (
            <tr key={row.option.id} className="border-t border-line align-top">
              <th scope="row" className="py-2 pr-3 text-left font-semibold whitespace-nowrap">
                {row.option.says}
                <span className="block text-sm font-normal text-soft">
                  {sayOption(row) || labels} · {sayLux(row.lux)} at the wall
                </span>
              </th>
              {row.colours.map((colour, k) => {
                const before = now?.colours[k]?.worst.verdict;
                const { verdict, reason, stay } = colour.worst;
                const says = `predicted ${verdict}${reason ? `, ${REASON_WORDS[reason]}` : ''}${stay >= 0 ? ` beside ${room.stays[stay]?.name}` : ''}`;
                return (
                  <td key={colour.id} className="py-2 pr-2">
                    <MarkedCell mark={verdict}>
                      <Patch hex={colour.hex} label={says} className="h-9" />
                    </MarkedCell>
                    <p className="mt-0.5 text-sm leading-4" title={says}>
                      <b className={before === verdict ? 'font-normal' : 'font-semibold'}>{VERDICT_WORDS[verdict]}</b>
                      {reason && <span className="text-soft">, {REASON_WORDS[reason]}</span>}
                      {colour.fromDay !== null && (
                        <span className="block text-soft">ΔE {colour.fromDay.toFixed(1)} from day</span>
                      )}
                    </p>
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 text-sm text-soft">
        Predicted; warmth is the colour temperature (K), Ra the general colour rendering index (CIE 13.3, 100 is best). Switch
        lamps off and let them cool before changing them; wiring and fittings are for a licensed electrician.
      </p>
    </div>
  );
}
