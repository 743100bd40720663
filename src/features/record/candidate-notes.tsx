'use client';

import { StickyNote } from 'lucide-react';
import { useState } from 'react';
import type { Candidate } from '@/core/record/candidate';
import type { Room } from '@/core/record/room';
import { Dialog } from '@/ui/dialog';
import { NoteForm } from './note-form';
import { NoteList } from './note-list';

type Props = { readonly room: Room; readonly candidate: Candidate };

/** What was noted of one colour at one strength. */
export function CandidateNotes({ room, candidate }: Props) {
  const notes = room.notes.filter((n) => n.candidateId === candidate.id && !n.undone);
  return <NoteList roomId={room.id} notes={notes} small />;
}

/** The way to note something of one colour at one strength. */
export function AddNote({ room, candidate }: Props) {
  const [open, setOpen] = useState(false);
  const name = `${candidate.name} at ${candidate.strength} %`;
  return (
    <Dialog
      title={`A note on ${name}`}
      open={open}
      onOpenChange={setOpen}
      trigger={
        <button
          type="button"
          aria-label={`Add a note on ${name}`}
          title="Add a note"
          className="grid size-11 cursor-pointer place-items-center hover:bg-raised"
        >
          <StickyNote aria-hidden size={18} />
        </button>
      }
    >
      <NoteForm roomId={room.id} candidateId={candidate.id} onDone={() => setOpen(false)} />
    </Dialog>
  );
}
