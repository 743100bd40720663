'use client';

import { useEffect } from 'react';
import { useLive } from '@/ui/use-live';
import { useDrafts } from '../session/use-drafts';
import { usePausedCount } from '../session/use-pauses';
import { useSessionState } from '../session/use-session';
import { VisitLink } from '../session/where';

/** Before the page runs nobody has looked whether something waits in this browser: nothing is claimed then, and its room is kept. */
const WORDS = { asking: 'All saved', saved: 'All saved', saving: 'Saving…', waiting: 'Not saved yet: trying again' } as const;

/** Whether everything said and typed has been saved; what has not, with the way to it. */
export function SavingState() {
  const { saving: sending, unsaved, frail } = useSessionState();
  const paused = usePausedCount();
  const live = useLive();
  const known = sending === 'saved' && paused > 0 ? 'saving' : sending;
  const saving = live ? known : 'asking';
  const drafts = [...useDrafts().values()];
  const typed = drafts.length;
  // what no browser keeps goes with the page
  const wouldBeLost = typed > 0 || frail;
  useEffect(() => {
    if (!wouldBeLost) return undefined;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [wouldBeLost]);
  const first = drafts[0];
  return (
    <p
      role="status"
      data-saving={first ? 'typed' : saving}
      data-unsaved={unsaved.size + typed + paused}
      className="max-w-44 px-3 text-sm leading-tight text-soft data-[saving=asking]:invisible max-lg:data-[saving=asking]:hidden max-lg:data-[saving=saved]:hidden max-lg:data-[saving=saving]:hidden"
    >
      {first ? (
        <VisitLink
          href={first.href}
          className="line-clamp-2 underline underline-offset-4"
          title={drafts.map((d) => d.where).join('; ')}
        >
          {`Not saved: ${first.where}${typed > 1 ? `, and ${typed - 1} more` : ''}`}
        </VisitLink>
      ) : saving === 'waiting' ? (
        `${WORDS.waiting} (${unsaved.size})`
      ) : (
        WORDS[saving]
      )}
    </p>
  );
}
