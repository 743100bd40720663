'use client';

import { Plus } from 'lucide-react';
import { useState } from 'react';
import { STAY_KIND_WORDS } from '@/core/judge/kinds';
import type { Room } from '@/core/record/room';
import type { RecordedStay } from '@/core/record/stay';
import { Button } from '@/ui/button';
import { Confirm } from '@/ui/confirm';
import { Dialog } from '@/ui/dialog';
import { EmptyState, StepTitle } from '@/ui/step-title';
import { sayColour, saySource } from '../words/say-colour';
import { StayPattern } from '../drawings/stay-pattern';
import { Fights } from '../drawings/fights';
import { takeAway } from '../session/take-away';
import { useRoom, useVisitWrite } from '../session/visit-context';
import { NewStayChoice } from '../drawings/new-stay';
import { RunsOn } from './runs-on';
import { StayEditor } from './stay-editor';
import { useNewStay } from './use-save-stay';
import { THING_NAMES } from '@/core/record/thing';

function StayCard({
  room,
  stay,
  onEdit,
  onRetire,
}: {
  readonly room: Room;
  readonly stay: RecordedStay;
  readonly onEdit: () => void;
  readonly onRetire: () => void;
}) {
  return (
    <li className="flex flex-col bg-panel">
      <StayPattern stay={stay} className="h-44 w-full" />
      <div className="flex flex-1 flex-col gap-2 p-4">
        <div>
          <h2 className="text-lg font-semibold break-words">{stay.name}</h2>
          <p className="text-sm text-soft">
            {stay.thing && `${THING_NAMES[stay.thing].toLowerCase()}, `}
            {STAY_KIND_WORDS[stay.kind]}
            {stay.kind === 'furnishing' && `, ${stay.school === 'share' ? 'share its undertone' : 'answer it'}`}
          </p>
        </div>
        <ul className="flex-1 text-sm">
          {stay.components.map((c) => (
            <li key={c.id} className="py-0.5">
              <span className="font-semibold">
                {c.name} {Math.round(c.share * 100)} %
              </span>{' '}
              · {sayColour(c.colour.lab)} <span className="text-soft">({saySource(c.colour.source)})</span>
            </li>
          ))}
        </ul>
        <div className="flex flex-wrap gap-2">
          <Button onClick={onEdit}>Change</Button>
          <RunsOn room={room} stay={stay} />
          <Confirm
            title={`Take ${stay.name} out?`}
            body="Its verdicts are kept, and it comes back with Undo, but it no longer counts in this room."
            action="Take it out"
            onConfirm={onRetire}
          >
            <Button>Remove</Button>
          </Confirm>
        </div>
      </div>
    </li>
  );
}

/** What stays in the room: fixed finishes and furnishings with their colours. */
export function StaysStep({ roomId }: { readonly roomId: string }) {
  const write = useVisitWrite();
  const room = useRoom(roomId);
  const [editing, setEditing] = useState<string>();
  const newStay = useNewStay(room);
  const edited = room.stays.find((s) => s.id === editing);
  const retire = async (stay: RecordedStay) => {
    const set = (retired: boolean) => write({ name: 'stay.retire', roomId, stayId: stay.id, retired }, { answers: true }).result;
    await takeAway(set, `${stay.name} taken out`);
  };
  const add = (
    <Button look="main" onClick={() => setEditing('new')}>
      <Plus aria-hidden size={18} /> Record what stays
    </Button>
  );
  return (
    <div className="p-5">
      <StepTitle
        title={`${room.name}: what stays`}
        aside={room.stays.length > 0 ? `${room.stays.length} recorded; the fixed finishes rule the choice` : undefined}
      >
        {add}
      </StepTitle>
      <Fights room={room} />
      {room.stays.length === 0 ? (
        <EmptyState title="Nothing recorded yet">
          Floor, counter, tile, stone, trim that stays; then sofa, rug, curtains. Candidates are judged beside each of them.
        </EmptyState>
      ) : (
        <ul className="grid gap-4 sm:grid-cols-2 xl:grid-cols-3">
          {room.stays.map((stay) => (
            <StayCard
              key={stay.id}
              room={room}
              stay={stay}
              onEdit={() => setEditing(stay.id)}
              onRetire={() => void retire(stay)}
            />
          ))}
        </ul>
      )}
      <Dialog
        wide
        title={edited ? edited.name : 'What stays?'}
        open={editing !== undefined}
        onOpenChange={(open) => !open && setEditing(undefined)}
      >
        {edited && <StayEditor key={edited.id} room={room} stayId={edited.id} onDone={() => setEditing(undefined)} />}
        {editing === 'new' && <NewStayChoice room={room} onNew={(stay) => setEditing(newStay(stay))} />}
      </Dialog>
    </div>
  );
}
