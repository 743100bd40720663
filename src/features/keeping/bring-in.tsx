'use client';

import { Upload } from 'lucide-react';
import { useRef } from 'react';
import type { BringPreview } from '@/server/archive/bring-in';
import { Button } from '@/ui/button';
import { FieldError } from '@/ui/field';
import { useBringIn } from './use-bring-in';
import { counted } from '@/core/base/words';

/** What a file would bring in, in words. */
function sayPreview({ known, fresh, entries, newColours }: BringPreview): string {
  if (known && fresh === 0) return 'It is here already, with everything in it. There is nothing to bring in.';
  const more = newColours > 0 ? ` ${counted(newColours, 'colour')} of decks that are not here come with it.` : '';
  if (known)
    return `This visit is here already; ${counted(fresh, 'entry').replace('entrys', 'entries')} of ${entries} are new.${more}`;
  return `This visit is not here yet.${more}`;
}

/** Brings a visit's file in: looked at first, then taken or left. */
export function BringInVisit() {
  const { state, look, take, leave } = useBringIn();
  const input = useRef<HTMLInputElement>(null);
  const busy = state.state === 'reading' || state.state === 'taking';
  return (
    <div className="grid justify-items-start gap-3">
      <input
        ref={input}
        type="file"
        accept=".zip,application/zip"
        className="sr-only"
        aria-label="A visit’s file"
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = '';
          if (file) void look(file);
        }}
      />
      <Button disabled={busy} onClick={() => input.current?.click()}>
        <Upload aria-hidden size={18} /> Bring a visit in…
      </Button>
      <div role="status">
        {state.state === 'reading' && <p>Reading {state.name}…</p>}
        {state.state === 'taking' && (
          <p>
            Bringing {state.name} in…{' '}
            {state.of !== undefined && state.of > 0 && (
              <progress className="align-middle" aria-label="Entries brought in" value={state.done} max={state.of} />
            )}
          </p>
        )}
      </div>
      {state.state === 'refused' && (
        <FieldError>
          {state.partly
            ? `${state.name} was not brought in whole.`
            : `${state.name} was not brought in, and nothing was changed.`}{' '}
          {state.says}
        </FieldError>
      )}
      {state.state === 'preview' && (
        <div className="grid w-full gap-3 border border-line-strong bg-panel p-4">
          <h3 className="text-lg font-semibold break-words">{state.preview.label}</h3>
          <p>
            {counted(state.preview.rooms, 'room')}, {counted(state.preview.colours, 'colour')} tried,{' '}
            {counted(state.preview.verdicts, 'verdict')}, {counted(state.preview.photographs, 'photograph')}
          </p>
          <p>{sayPreview(state.preview)}</p>
          <div className="flex gap-3">
            <Button look="main" disabled={state.preview.fresh === 0} onClick={() => void take(state.name, state.preview)}>
              Bring it in
            </Button>
            <Button onClick={leave}>Leave it</Button>
          </div>
        </div>
      )}
    </div>
  );
}
