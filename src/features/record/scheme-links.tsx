'use client';

import { sayBeside } from '@/core/judge/reasons';
import type { ComputedCell } from '@/core/derived/cell';
import { roomRecord } from '@/core/derived/room-record';
import { sayRuling } from '@/core/derived/say-ruling';
import { schemeColours, schemeLinks, type SchemeLink } from '@/core/derived/scheme-links';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import type { Scheme } from '@/core/record/scheme';
import { LIGHT_NAMES } from '@/core/room/facing';
import { Explain } from '@/ui/explain';
import { Patch } from '@/ui/patch';
import { sayColour } from '../words/say-colour';
import { usePaint } from '../light-client/in-light';
import { VERDICT_WORDS } from '../words/verdict-words';

const MOST_SHOWN = 4;

function sayLink({ part, beside, verdict, reason, light }: SchemeLink): string {
  const where = light ? `, ${LIGHT_NAMES[light]}` : '';
  return `${VERDICT_WORDS[verdict]}: ${part} ${reason ? sayBeside(reason, beside) : `beside ${beside}`}${where}`;
}

/** The colours of a scheme with the ruling on each, and its weakest links. */
export function SchemeLinks({
  room,
  scheme,
  cells,
}: {
  readonly room: RoomInLight;
  readonly scheme: Scheme;
  readonly cells: readonly ComputedCell[] | undefined;
}) {
  const paint = usePaint();
  const rows = roomRecord(room).rows;
  const links = schemeLinks(room, scheme, cells ?? []);
  const weak = links.filter((l) => l.verdict !== 'works');
  return (
    <div className="mt-3">
      <ul className="grid gap-1">
        {schemeColours(room, scheme).map(({ part, candidate }) => {
          const row = rows.find((r) => r.candidate.id === candidate.id);
          return (
            <li key={part + candidate.id} className="grid grid-cols-[3.2rem_2.5rem_minmax(0,1fr)_auto] items-center gap-2">
              <span className="text-sm text-soft">{part}</span>
              <Patch hex={paint(candidate.id, candidate.lab)} label={sayColour(candidate.lab)} className="h-6" />
              <span className="min-w-0 break-words">
                {candidate.name} {candidate.strength} %
              </span>
              <span className="text-sm">{row ? sayRuling(row) : 'taken out'}</span>
            </li>
          );
        })}
      </ul>
      {cells === undefined ? (
        <p className="mt-2 text-sm text-soft">computing how they stand to each other…</p>
      ) : (
        <div className="mt-2 text-sm">
          <Explain
            label="Links"
            why="Each colour beside each thing that stays, in the light of the room it is weakest in, and the wall beside its trim and accents as in the deck: computed, by the relation model."
          >
            {links.length - weak.length} of {links.length} links work
          </Explain>
          <ul aria-label="Weakest links">
            {weak.slice(0, MOST_SHOWN).map((link) => (
              <li key={link.part + link.candidate.id + link.beside}>{sayLink(link)}</li>
            ))}
            {weak.length > MOST_SHOWN && <li className="text-soft">and {weak.length - MOST_SHOWN} more</li>}
          </ul>
        </div>
      )}
    </div>
  );
}
