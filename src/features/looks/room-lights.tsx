'use client';

import { ChevronDown, ChevronRight } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { lightConflicts } from '@/core/derived/conflicts';
import { useRoom } from '../session/visit-context';
import { Conflicts } from './conflicts';
import { LampTable } from './lamp-table';
import { YearBand } from './year-band';

type FoldProps = { readonly title: string; readonly aside: string; readonly begins?: boolean; readonly children: ReactNode };

/** A part that is computed when it is opened. */
function Fold({ title, aside, begins = false, children }: FoldProps) {
  const [open, setOpen] = useState(begins);
  return (
    <section className="border-t border-line-strong">
      <button
        type="button"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        className="flex min-h-12 w-full cursor-pointer items-center gap-2 text-left hover:bg-panel"
      >
        {open ? <ChevronDown aria-hidden size={18} /> : <ChevronRight aria-hidden size={18} />}
        <b className="font-semibold">{title}</b>
        <span className="min-w-0 break-words text-soft">{aside}</span>
      </button>
      {open && <div className="pb-4 pl-7 max-sm:pl-0">{children}</div>}
    </section>
  );
}

/** What the lights of one room do beyond the plan: where they disagree, what other lamps would do, and the year. */
export function RoomLights({ roomId }: { readonly roomId: string }) {
  const room = useRoom(roomId);
  const count = lightConflicts(room).length;
  return (
    <section aria-label={`The lights of ${room.name}`} className="mt-6">
      <Fold
        key={`c${roomId}`}
        title="Where the lights disagree"
        aside={count === 0 ? `nowhere in ${room.name}` : `${count === 1 ? 'once' : `${count} times`} in ${room.name}`}
        begins={count > 0}
      >
        <Conflicts roomId={roomId} />
      </Fold>
      <Fold key={`l${roomId}`} title="Other lamps" aside={`what they would do in ${room.name}`}>
        <LampTable roomId={roomId} />
      </Fold>
      <Fold key={`y${roomId}`} title="The year" aside={`${room.name} in December and in June, and what still holds`}>
        <YearBand roomId={roomId} />
      </Fold>
    </section>
  );
}
