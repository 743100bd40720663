'use client';

import { Download, TriangleAlert } from 'lucide-react';
import { Button } from '@/ui/button';
import { keepUnsaved } from '../session/unsaved';
import { useSessionState } from '../session/use-session';

/** Why something is not saved yet, where that needs a hand: the disk of the computer is full, or this browser keeps nothing. */
export function SavingTrouble() {
  const { saving, frail, trouble } = useSessionState();
  const full = saving === 'waiting' ? trouble : undefined;
  if (full === undefined && !frail) return null;
  return (
    <div role="alert" className="flex items-center gap-3 border-b-2 border-ink bg-raised px-4 py-2 print:hidden">
      <TriangleAlert aria-hidden size={18} className="shrink-0" />
      <div className="min-w-0 flex-1">
        {full !== undefined && (
          <p>
            <b>{full}</b> What you say waits here and is saved by itself then.
          </p>
        )}
        {frail && (
          <p>
            <b>This browser keeps nothing now (its storage is full or off): do not close the page</b> until all is saved, or keep
            it as a file, which is taken in under Keeping.
          </p>
        )}
      </div>
      <Button onClick={keepUnsaved}>
        <Download aria-hidden size={18} /> Keep it as a file
      </Button>
    </div>
  );
}
