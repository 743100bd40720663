'use client';

import { useState } from 'react';
import type { Note } from '@/core/record/note';
import type { Room } from '@/core/record/room';
import { ChoiceField } from '@/ui/field';
import { NoteForm } from './note-form';
import { NoteList } from './note-list';

/** Notes on a room and on its colours. */
export function RoomNotes({ room }: { readonly room: Room }) {
  const [about, setAbout] = useState('');
  const nameOf = (id: string) => {
    const found = room.candidates.find((c) => c.id === id);
    return found ? `${found.name} ${found.strength} %` : 'a colour taken out';
  };
  const notes = room.notes.filter((n) => !n.undone);
  const says = (note: Note) => (note.candidateId === null ? 'the room' : nameOf(note.candidateId));
  return (
    <section aria-labelledby="notes" className="min-w-0">
      <h2 id="notes" className="mb-2 text-lg font-semibold">
        Notes
      </h2>
      <div className="mb-5 grid gap-3 print:hidden">
        <ChoiceField label="About" value={about} onChange={(chosen) => setAbout(chosen)}>
          <option value="">the room</option>
          {room.candidates.map((c) => (
            <option key={c.id} value={c.id}>
              {c.name} {c.strength} %
            </option>
          ))}
        </ChoiceField>
        <NoteForm roomId={room.id} candidateId={about || null} />
      </div>
      {notes.length === 0 ? (
        <p className="text-soft">Nothing noted in this room yet.</p>
      ) : (
        <NoteList roomId={room.id} notes={notes} about={says} />
      )}
    </section>
  );
}
