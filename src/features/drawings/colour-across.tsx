'use client';

import { useMemo, useState, type ReactNode } from 'react';
import { toast } from 'sonner';
import { offeredSwatch } from '@/core/engine/swatches';
import { roomRecord, type CandidateRow } from '@/core/derived/room-record';
import { sayRuling, sayWhy } from '@/core/derived/say-ruling';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { Dialog } from '@/ui/dialog';
import { Patch } from '@/ui/patch';
import { TickRow } from '@/ui/tick-row';
import { AlsoInLight, ShownSwitch, usePaint } from '../light-client/in-light';
import { addressOf } from '../session/address';
import type { KnownColour } from '@/core/derived/deck-colour';
import { useTakeColour } from '../session/take-colour';
import { useVisit, useVisitWrite } from '../session/visit-context';
import { VisitLink } from '../session/where';
import { sayColour } from '../words/say-colour';
import { sayRefusal } from '../words/words';

type Colour = KnownColour & { readonly strength: number };

/** Rows of a room that are this colour, at any strength. */
const rowsOf = (room: RoomInLight, { deckColourId }: Colour): readonly CandidateRow[] =>
  room.candidates.some((c) => c.deckColourId === deckColourId)
    ? roomRecord(room).rows.filter((r) => r.candidate.deckColourId === deckColourId)
    : [];

function InRoom({ id, colour, label }: { readonly id: string; readonly colour: Colour; readonly label: string }) {
  const paint = usePaint();
  return <Patch hex={paint(id, colour.lab)} label={`${label}: ${sayColour(colour.lab)}`} className="h-14 w-28 shrink-0" />;
}

/** A room with the colour in its light, whether it is tried there, and what was ruled. */
function RoomRow({ room, colour }: { readonly room: RoomInLight; readonly colour: Colour }) {
  const visit = useVisit();
  const write = useVisitWrite();
  const take = useTakeColour(room);
  const rows = rowsOf(room, colour);
  const here = rows.find((r) => r.candidate.strength === colour.strength);
  const swatch = useMemo(() => offeredSwatch(colour, colour.strength, colour.lab), [colour]);
  const swatches = useMemo(() => [swatch], [swatch]);
  const toggle = async (on: boolean) => {
    const { strength, ...known } = colour;
    const written = on
      ? take(known, strength)
      : write({ name: 'candidate.retire', roomId: room.id, candidateId: here!.candidate.id, retired: true }, { answers: true });
    const result = await written.result;
    if (!result.ok) toast.error(sayRefusal(result));
  };
  return (
    <li className="flex items-stretch gap-2" data-room={room.id}>
      <AlsoInLight roomId={room.id} swatches={swatches}>
        <InRoom id={swatch.id} colour={colour} label={room.name} />
      </AlsoInLight>
      <div className="min-w-0 flex-1">
        <TickRow
          label={room.name}
          aside={here ? sayRuling(here) : 'not tried'}
          checked={here !== undefined}
          onChange={(on) => void toggle(on)}
        />
        {rows.map(({ candidate, ruling, derived, coverage }) => (
          <p key={candidate.id} className="mt-1 text-sm">
            <VisitLink
              href={addressOf({ visitId: visit.id, roomId: room.id, step: 'bench', at: { colour: candidate.id } })}
              className="underline underline-offset-4"
            >
              {candidate.strength} %
            </VisitLink>
            : {sayRuling({ ruling, coverage })}
            {ruling !== 'untried' && <span className="text-soft">, {sayWhy(derived, room.stays)}</span>}
          </p>
        ))}
      </div>
    </li>
  );
}

function EveryRoom({ colour }: { readonly colour: Colour }) {
  const visit = useVisit();
  return (
    <ul className="grid grid-cols-1 gap-2.5">
      {visit.rooms.map((room) => (
        <RoomRow key={room.id} room={room} colour={colour} />
      ))}
    </ul>
  );
}

type Props = {
  readonly colour: Colour;
  readonly children: ReactNode;
};

/**
 * One colour across the rooms of the visit: how it looks in each room’s light, what was ruled there, and a tick that tries it there too.
 */
export function ColourAcross({ colour, children }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <Dialog
      title={`${colour.name} ${colour.strength} % in every room`}
      description="A tick tries it there too."
      open={open}
      onOpenChange={setOpen}
      trigger={children}
    >
      <div className="mb-3">
        <ShownSwitch />
      </div>
      <EveryRoom colour={colour} />
    </Dialog>
  );
}
