'use client';

import { useId, useState } from 'react';
import { Button } from '@/ui/button';
import { FieldError } from '@/ui/field';
import { checkWrite } from '../session/check-write';
import { useVisitWrite } from '../session/visit-context';

type Props = { readonly roomId: string; readonly candidateId: string | null; readonly onDone?: () => void };

/** Words on a room or on one colour at one strength. */
export function NoteForm({ roomId, candidateId, onDone }: Props) {
  const write = useVisitWrite();
  const id = useId();
  const [words, setWords] = useState('');
  const [error, setError] = useState<string>();
  const keep = () => {
    const checked = checkWrite({ name: 'note.add', roomId, candidateId, words });
    if (!checked.ok) return setError(Object.values(checked.errors)[0]);
    write(checked.write);
    setWords('');
    setError(undefined);
    onDone?.();
  };
  return (
    <form
      noValidate
      className="grid gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        keep();
      }}
    >
      <div>
        <label htmlFor={id} className="mb-1 block text-sm text-soft">
          Note
        </label>
        <textarea
          id={id}
          rows={3}
          maxLength={2000}
          value={words}
          aria-invalid={error ? true : undefined}
          onChange={(e) => setWords(e.target.value)}
          onKeyDown={(e) => {
            if (e.key === 'Enter' && (e.ctrlKey || e.metaKey)) keep();
          }}
          className="w-full border border-line-strong bg-raised px-3 py-2 text-[0.9375rem] aria-invalid:border-2 aria-invalid:border-ink"
        />
        {error && <FieldError>{error}</FieldError>}
      </div>
      <div className="flex justify-end gap-3">
        {onDone && <Button onClick={onDone}>Cancel</Button>}
        <Button type="submit" look="main">
          Keep this note
        </Button>
      </div>
    </form>
  );
}
