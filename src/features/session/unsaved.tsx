'use client';

import { Download } from 'lucide-react';
import { usePathname } from 'next/navigation';
import { Button } from '@/ui/button';
import { saveFile } from '@/ui/save-file';
import { browserSession } from './browser-session';
import { UNSAVED_FILE } from './unsaved-file';
import { useSessionState } from './use-session';

/** Gives everything that is not saved as a file to keep. */
export const keepUnsaved = (): void =>
  saveFile(new Blob([browserSession().session.unsavedFile()], { type: 'application/json' }), UNSAVED_FILE);

/** A visit's own pages say themselves what waits. */
const OF_A_VISIT = /^\/visits\/[^/]+\//;

/** On every page outside of a visit: what an earlier page left unsaved is sent from here too, and shown as long as it waits. */
export function UnsavedElsewhere() {
  const { saving, unsaved, trouble } = useSessionState();
  const path = usePathname();
  if (OF_A_VISIT.test(path) || unsaved.size === 0) return null;
  return (
    <div
      role="status"
      data-unsaved-elsewhere={unsaved.size}
      className="fixed inset-x-0 bottom-0 z-40 flex items-center gap-3 border-t-2 border-ink bg-raised px-4 py-2 print:hidden"
    >
      <p className="flex-1">
        {saving === 'waiting' ? `Not saved yet: ${unsaved.size}, trying again. ` : `Saving ${unsaved.size}… `}
        {trouble}
      </p>
      {saving === 'waiting' && (
        <Button onClick={keepUnsaved}>
          <Download aria-hidden size={18} /> Keep it as a file
        </Button>
      )}
    </div>
  );
}
