'use client';

import { X } from 'lucide-react';
import { toast } from 'sonner';
import type { Note } from '@/core/record/note';
import { sayWhen } from '../words/say-light';
import { useHome, useVisitWrite } from '../session/visit-context';

type Props = {
  readonly roomId: string;
  readonly notes: readonly Note[];
  /** What each note is about, when they are about several things. */
  readonly about?: (note: Note) => string;
  readonly small?: boolean;
};

/** Notes, oldest first; one is taken back by its button, and put back by the undo that follows. */
export function NoteList({ roomId, notes, about, small = false }: Props) {
  const visit = useHome();
  const write = useVisitWrite();
  const remove = (note: Note) => {
    const set = (removed: boolean) => write({ name: 'note.remove', roomId, noteId: note.id, removed });
    set(true);
    const back = () => void set(false);
    toast('Note taken away', { action: { label: 'Put it back', onClick: back } });
  };
  if (notes.length === 0) return null;
  return (
    <ul aria-label="Notes" className={small ? 'text-sm' : 'grid gap-2'}>
      {notes.map((note) => (
        <li key={note.id} className={small ? 'flex items-start' : 'flex items-start border-l-4 border-line-strong pl-3'}>
          <div className="min-w-0 flex-1">
            {!small && (
              <p className="text-sm text-soft">
                {about ? `${about(note)} · ` : ''}
                {sayWhen(note.at, visit.place.timeZone)}
              </p>
            )}
            <p className="break-words whitespace-pre-wrap">{note.words}</p>
          </div>
          <button
            type="button"
            aria-label={`Take away the note “${note.words.slice(0, 40)}”`}
            title="Take this note away"
            onClick={() => remove(note)}
            className="-my-2.5 grid size-11 shrink-0 cursor-pointer place-items-center hover:bg-raised print:hidden"
          >
            <X aria-hidden size={16} />
          </button>
        </li>
      ))}
    </ul>
  );
}
