'use client';

import { REASON_WORDS, VERDICTS } from '@/core/judge/reasons';
import { hitRate, wilsonInterval, type HitRate } from '@/core/derived/hit-rate';
import type { Room } from '@/core/record/room';
import { reasonsOf, type VerdictEvent } from '@/core/record/verdict';
import type { Visit } from '@/core/record/visit';
import { LIGHT_NAMES } from '@/core/room/facing';
import { Explain } from '@/ui/explain';
import { VERDICT_WORDS } from '../words/verdict-words';
import { VisitLink } from '../session/where';
import { addressOf } from '../session/address';

const percent = (share: number) => Math.round(100 * share);
const MOST_SHOWN = 12;

/** "20 of 27 (74 %)" */
export const sayRate = ({ agreed, seen }: Pick<HitRate, 'agreed' | 'seen'>): string =>
  seen === 0 ? 'nothing seen yet' : `${agreed} of ${seen} (${percent(agreed / seen)} %)`;

/** What only the deck was computed for, told apart from the light's own hits. */
const sayInDeck = ({ asInDeck }: HitRate): string =>
  ` ${asInDeck.seen} more ${asInDeck.seen === 1 ? 'was' : 'were'} predicted as in the deck only, before the light was computed or with colours shown so: ${asInDeck.agreed} of ${asInDeck.seen}.`;

function Counts({ rate }: { readonly rate: HitRate }) {
  const cell = 'px-3 py-1 text-right tabular-nums';
  return (
    <table className="border-collapse text-sm">
      <caption className="mb-1 text-left text-soft">Verdicts of the consultant by what was computed</caption>
      <thead>
        <tr>
          <th scope="col" className="py-1 pr-3 text-left font-normal text-soft">
            computed
          </th>
          {VERDICTS.map((seen) => (
            <th key={seen} scope="col" className={`${cell} font-normal`}>
              seen {seen}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {VERDICTS.map((computed) => (
          <tr key={computed} className="border-t border-line">
            <th scope="row" className="py-1 pr-3 text-left font-normal">
              {computed}
            </th>
            {VERDICTS.map((seen) => (
              <td key={seen} className={`${cell} ${seen === computed ? 'font-semibold' : ''}`}>
                {rate.counts[computed][seen]}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Missed({
  room,
  visit,
  missed,
}: {
  readonly room: Room;
  readonly visit: Visit;
  readonly missed: readonly VerdictEvent[];
}) {
  const say = (v: VerdictEvent) => {
    const candidate = room.candidates.find((c) => c.id === v.candidateId);
    const stay = room.stays.find((s) => s.id === v.stayId);
    return `${candidate ? `${candidate.name} ${candidate.strength} %` : 'a colour taken out'} beside ${stay?.name ?? 'something taken out'}, ${LIGHT_NAMES[v.light]}`;
  };
  if (missed.length === 0) return <p className="text-sm text-soft">Everything seen in this room was computed so.</p>;
  return (
    <div className="min-w-0 flex-1">
      <p className="mb-1 text-sm text-soft">Seen otherwise in this room: the eye counts</p>
      <ul aria-label="Seen otherwise" className="text-sm">
        {missed.slice(-MOST_SHOWN).map((v) => (
          <li key={v.id}>
            <VisitLink
              href={addressOf({
                visitId: visit.id,
                roomId: room.id,
                step: 'bench',
                at: { colour: v.candidateId, stay: v.stayId },
              })}
              className="flex min-h-6 items-center underline decoration-line-strong underline-offset-4"
            >
              {say(v)}: {VERDICT_WORDS[v.verdict].toLowerCase()}
              {reasonsOf(v).map((r) => `, ${REASON_WORDS[r]}`)}; computed {v.predicted}
            </VisitLink>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** How often what was computed was what the consultant saw, in the room and in the visit, and where it was not. */
export function Agreement({ room, visit }: { readonly room: Room; readonly visit: Visit }) {
  const here = hitRate([room]);
  const all = hitRate(visit.rooms);
  const [low, high] = wilsonInterval(all.agreed, all.seen);
  return (
    <section aria-labelledby="agreement" className="mt-6 print:hidden" data-hits={`${here.agreed}/${here.seen}`}>
      <h2 id="agreement" className="mb-2 text-lg font-semibold">
        Computed against seen
      </h2>
      <p className="mb-3">
        In this room {sayRate(here)}, in the whole visit{' '}
        <Explain
          label="Hit rate"
          why={`Verdicts of the consultant that stand, against what was computed for the light it was given in. With this many, the true share lies between ${percent(low)} and ${percent(high)} % (Wilson’s 95 % interval).`}
        >
          {sayRate(all)}
        </Explain>
        .{all.asInDeck.seen > 0 && <span className="text-soft">{sayInDeck(all)}</span>}
      </p>
      <div className="flex flex-wrap gap-x-12 gap-y-4">
        <Counts rate={all} />
        <Missed room={room} visit={visit} missed={here.missed} />
      </div>
    </section>
  );
}
