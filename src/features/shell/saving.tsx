'use client';

import { useSessionState } from '../session/use-session';

const WORDS = { saved: 'All saved', saving: 'Saving…', waiting: 'Not saved yet: trying again' } as const;

/** Whether everything said has been saved. */
export function SavingState() {
  const { saving, unsaved, frail } = useSessionState();
  return (
    <p
      role="status"
      data-saving={saving}
      data-unsaved={unsaved.size}
      className="px-3 text-sm whitespace-nowrap text-soft max-lg:hidden"
    >
      {saving === 'waiting' ? `${WORDS.waiting} (${unsaved.size})` : WORDS[saving]}
      {frail && <b className="block text-ink">This browser’s storage is full: do not close the page</b>}
    </p>
  );
}
