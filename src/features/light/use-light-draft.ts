'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { readAgain } from '../session/use-session';
import { checkWrite, type FieldErrors } from '../session/check-write';
import { useRoom, useVisit } from '../session/visit-context';
import { sayRefusal } from '../words/words';
import { draftOf, wallsThatDoNotClose, writeOf, type LightDraft } from './light-draft';

const PAUSE_MS = 400;

export type LightSaving = 'saved' | 'saving' | 'not-saved';

/**
 * The light of a room, saved a moment after each change. A change made in another window is never overwritten unseen: then `conflict` is set,
 * what was typed stays, and the person chooses.
 */
export function useLightDraft(roomId: string) {
  const { visit, write } = useVisit();
  const room = useRoom(roomId);
  const { units } = visit;
  const [draft, setDraft] = useState(() => draftOf(room, units));
  const [errors, setErrors] = useState<FieldErrors>({});
  const [saving, setSaving] = useState<LightSaving>('saved');
  const [conflict, setConflict] = useState(false);
  const revision = useRef(room.revision);
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  const busy = useRef(false);
  const waiting = useRef<LightDraft | undefined>(undefined);

  /** Saves one draft; true when it is stored. */
  const sendOne = useCallback(
    async (next: LightDraft): Promise<boolean> => {
      const checked = checkWrite(writeOf(next, { id: roomId, revision: revision.current }, units));
      const open = wallsThatDoNotClose(next, units);
      const wrong = { ...open, ...(checked.ok ? {} : checked.errors) };
      const fine = checked.ok && Object.keys(open).length === 0;
      setErrors(wrong);
      setSaving(fine ? 'saving' : 'not-saved');
      if (!checked.ok || !fine) return false;
      const result = await write(checked.write, { answers: true }).result;
      setSaving(result.ok ? 'saved' : 'not-saved');
      if (result.ok) revision.current += 1;
      else if (result.reason === 'changed-elsewhere') {
        // the newer one must be here before it can be chosen
        await readAgain();
        setConflict(true);
      } else setErrors({ form: sayRefusal(result) });
      return result.ok;
    },
    [roomId, write, units],
  );
  const send = useCallback(
    async (draftNow: LightDraft) => {
      waiting.current = draftNow;
      if (busy.current) return;
      busy.current = true;
      while (waiting.current) {
        const next: LightDraft = waiting.current;
        waiting.current = undefined;
        if (!(await sendOne(next))) break;
      }
      busy.current = false;
    },
    [sendOne],
  );

  const pending = useRef<LightDraft | undefined>(undefined);
  const flush = useCallback(() => {
    clearTimeout(timer.current);
    const next = pending.current;
    pending.current = undefined;
    if (next) void send(next);
  }, [send]);
  const change = useCallback(
    (next: LightDraft) => {
      setDraft(next);
      setSaving('saving');
      pending.current = next;
      clearTimeout(timer.current);
      timer.current = setTimeout(flush, PAUSE_MS);
    },
    [flush],
  );
  useEffect(() => flush, [flush]); // leaving the step saves what was just typed

  const takeNewer = () => {
    revision.current = room.revision;
    setDraft(draftOf(room, units));
    setConflict(false);
    setErrors({});
    setSaving('saved');
  };
  const keepMine = () => {
    revision.current = room.revision;
    setConflict(false);
    void send(draft);
  };
  return { room, draft, change, errors, saving, conflict, takeNewer, keepMine };
}
