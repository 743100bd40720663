'use client';

import { Plus } from 'lucide-react';
import { useState } from 'react';
import type { RecordedStay } from '@/core/record/stay';
import { Button } from '@/ui/button';
import { Confirm } from '@/ui/confirm';
import { Dialog } from '@/ui/dialog';
import { EmptyState, StepTitle } from '@/ui/step-title';
import { sayColour, saySource } from '../words/say-colour';
import { StayPatch } from '../drawings/stay-patch';
import { Fights } from '../drawings/fights';
import { takeAway } from '../session/take-away';
import { useRoom, useVisit } from '../session/visit-context';
import { StayForm } from './stay-form';

const KIND_WORDS = { fixed: 'fixed finish', furnishing: 'furnishing' } as const;

function StayCard({
  stay,
  onEdit,
  onRetire,
}: {
  readonly stay: RecordedStay;
  readonly onEdit: () => void;
  readonly onRetire: () => void;
}) {
  return (
    <li className="flex flex-col bg-panel">
      <StayPatch stay={stay} className="h-44" />
      <div className="flex flex-1 flex-col gap-2 p-4">
        <div>
          <h2 className="text-lg font-semibold break-words">{stay.name}</h2>
          <p className="text-sm text-soft">
            {KIND_WORDS[stay.kind]}
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
        <div className="flex gap-2">
          <Button onClick={onEdit}>Change</Button>
          <Confirm
            title={`Take ${stay.name} out?`}
            body="Its verdicts are kept, and it comes back with Undo, but it no longer counts in this room."
            action="Take it out"
            onConfirm={onRetire}
          >
            <Button>Take out</Button>
          </Confirm>
        </div>
      </div>
    </li>
  );
}

/** What stays in the room: fixed finishes and furnishings with their colours. */
export function StaysStep({ roomId }: { readonly roomId: string }) {
  const { write } = useVisit();
  const room = useRoom(roomId);
  const [editing, setEditing] = useState<RecordedStay | 'new' | undefined>();
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
            <StayCard key={stay.id} stay={stay} onEdit={() => setEditing(stay)} onRetire={() => void retire(stay)} />
          ))}
        </ul>
      )}
      <Dialog
        title={editing === 'new' || !editing ? 'What stays' : `Change ${editing.name}`}
        open={editing !== undefined}
        onOpenChange={(open) => !open && setEditing(undefined)}
      >
        {editing && (
          <StayForm
            key={editing === 'new' ? 'new' : editing.id}
            room={room}
            stay={editing === 'new' ? undefined : editing}
            onDone={() => setEditing(undefined)}
          />
        )}
      </Dialog>
    </div>
  );
}
