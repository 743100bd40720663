'use client';

import { useState } from 'react';
import { toast } from 'sonner';
import { photographsOf } from '@/core/record/photo';
import { deltaE00 } from '@/core/colour/ciede2000';
import type { Candidate } from '@/core/record/candidate';
import type { RecordedColour } from '@/core/record/recorded-colour';
import type { Room } from '@/core/record/room';
import type { Sample } from '@/core/record/sample';
import { Button } from '@/ui/button';
import { Dialog } from '@/ui/dialog';
import { Patch } from '@/ui/patch';
import { ColourEntry } from '../entry/colour-entry';
import { hexOf, sayColour } from '../words/say-colour';
import { sayRefusal } from '../words/words';
import { useSamples } from './use-samples';

type Props = {
  readonly room: Room;
  readonly sample: Sample;
  readonly meant: Candidate;
  readonly asDeck: Candidate['lab'];
  readonly dry: boolean;
};

/** Reads a dry sample by an instrument or by eye: from then on the room is judged by what was really mixed. */
export function ReadSample({ room, sample, meant, asDeck, dry }: Props) {
  const { save } = useSamples(room);
  const [open, setOpen] = useState(false);
  const [colour, setColour] = useState<RecordedColour | null>(sample.read);
  const keep = async (read: RecordedColour | null) => {
    const done = await save({ ...sample, read }).result;
    if (!done.ok) return void toast.error(sayRefusal(done));
    setOpen(false);
  };
  const off = colour && deltaE00(asDeck, colour.lab);
  return (
    <Dialog
      title={`Read the dry sample: ${meant.name} ${meant.strength} %`}
      description="On the middle of the painted area, dry, on white. The record then judges what was really mixed."
      open={open}
      onOpenChange={setOpen}
      trigger={<Button>{sample.read ? 'Read again' : 'Read it dry'}</Button>}
    >
      <div className="grid gap-4">
        {!dry && <p role="note">By the clock it is not dry yet: paint dries slightly darker.</p>}
        <ColourEntry value={colour} photos={photographsOf(room)} onChange={setColour} />
        {colour && off !== null && (
          <div className="flex items-center gap-4">
            <span className="flex h-20 w-40">
              <Patch hex={hexOf(asDeck)} label={`meant: ${sayColour(asDeck)}`} className="flex-1" />
              <Patch hex={hexOf(colour.lab)} label={`read: ${sayColour(colour.lab)}`} className="flex-1" />
            </span>
            <p>
              Meant and read: ΔE {off.toFixed(1)}
              <span className="block text-soft">
                {off < 1 ? 'nobody sees the difference' : 'this is what stands there; the room is judged by it'}
              </span>
            </p>
          </div>
        )}
        <div className="flex flex-wrap justify-end gap-2">
          {sample.read && <Button onClick={() => void keep(null)}>Back to the deck’s colour</Button>}
          <Button look="main" disabled={!colour} onClick={() => void keep(colour)}>
            Keep this reading
          </Button>
        </div>
      </div>
    </Dialog>
  );
}
