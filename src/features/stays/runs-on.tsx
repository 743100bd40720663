'use client';

import { useState } from 'react';
import { toast } from 'sonner';
import { v7 } from 'uuid';
import { coveredByOthers } from '@/core/operations/entry-issues';
import { SHARE_SLACK, type RecordedStay } from '@/core/record/stay';
import type { Room } from '@/core/record/room';
import { Button } from '@/ui/button';
import { Dialog } from '@/ui/dialog';
import { TickRow } from '@/ui/tick-row';
import { useVisit, useVisitWrite } from '../session/visit-context';
import { writeOfStay } from './use-save-stay';

/** Whether a room has the same thing already: one of the name, in the same colours. */
const hasIt = (room: Room, stay: RecordedStay): boolean =>
  room.stays.some(
    (s) => s.name === stay.name && s.components.every((c, i) => c.colour.lab.l === stay.components[i]?.colour.lab.l),
  );

/** Why a thing cannot run on into a room; undefined when it can. */
function whyNot(room: Room, stay: RecordedStay): string | undefined {
  if (hasIt(room, stay)) return 'has it already';
  const lying = coveredByOthers(room, { stayId: '', lies: stay.lies });
  const total = lying.reduce((sum, s) => sum + s.cover, stay.lies === null ? 0 : stay.cover);
  return total > 1 + SHARE_SLACK ? `${lying[0]!.name} lies there` : undefined;
}

/** A thing that runs on into other rooms, such as one floor: copied to those that are ticked. */
export function RunsOn({ room, stay }: { readonly room: Room; readonly stay: RecordedStay }) {
  const visit = useVisit();
  const write = useVisitWrite();
  const [open, setOpen] = useState(false);
  const [ticked, setTicked] = useState<readonly string[]>([]);
  const others = visit.rooms.filter((r) => r.id !== room.id);
  if (others.length === 0) return null;
  const copy = () => {
    write(
      ticked.map((roomId) => {
        const components = stay.components.map((c) => ({ ...c, id: v7() }));
        return { ...writeOfStay(roomId, { ...stay, id: v7(), components }), revision: null };
      }),
    );
    toast(`${stay.name} is in ${ticked.length} more ${ticked.length === 1 ? 'room' : 'rooms'} now`);
    setTicked([]);
    setOpen(false);
  };
  return (
    <Dialog title={`${stay.name} runs on into…`} open={open} onOpenChange={setOpen} trigger={<Button>Runs on into…</Button>}>
      <div className="grid gap-1.5">
        {others.map((other) => (
          <TickRow
            key={other.id}
            label={other.name}
            aside={whyNot(other, stay)}
            disabled={whyNot(other, stay) !== undefined}
            checked={ticked.includes(other.id)}
            onChange={(on) => setTicked(on ? [...ticked, other.id] : ticked.filter((id) => id !== other.id))}
          />
        ))}
      </div>
      <div className="mt-4 flex justify-end">
        <Button look="main" disabled={ticked.length === 0} onClick={copy}>
          Copy it there
        </Button>
      </div>
    </Dialog>
  );
}
