'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { Write } from '@/core/operations/operations';
import type { Units } from '@/core/units/length';
import type { Room } from '@/core/record/room';
import { addressOf } from '../session/address';
import type { FieldErrors } from '../session/check-write';
import { windowDrafts } from '../session/use-drafts';
import { PAUSE_MS, windowPauses } from '../session/use-pauses';
import { readAgain } from '../session/use-session';
import { useHome, useRoom, useVisitWrite } from '../session/visit-context';
import { sayRefusal } from '../words/words';
import { draftOf, type LightDraft } from './light-draft';
import { savableOf, withTexts, wrongTexts } from './savable';
import { sameValue } from '@/core/base/same-value';

export type LightSaving = 'saved' | 'saving' | 'not-saved';

/** Texts that were typed here and could not be saved. */
function keptTexts(id: string): Readonly<Record<string, string>> {
  try {
    return JSON.parse(windowDrafts().get(id)?.text ?? '{}') as Record<string, string>;
  } catch {
    return {};
  }
}

/** Keeps what is wrong as it was typed, and says where; nothing is kept of what is right. */
function keepWrong(id: string, wrong: Readonly<Record<string, string>>, { room, href }: { room: Room; href: string }) {
  const count = Object.keys(wrong).length;
  if (count === 0) return windowDrafts().drop(id);
  const where = `${count === 1 ? 'a field' : `${count} fields`} of the light · ${room.name}`;
  windowDrafts().keep(id, { text: JSON.stringify(wrong), where, href });
}

const sameWrite = (p: Write, q: Write): boolean => sameValue({ ...p, revision: 0 }, { ...q, revision: 0 });

/** The room as it is stored, with what is typed and could not be saved still in its fields. */
function withTyped(room: Room, id: string, units: Units) {
  const draft = withTexts(draftOf(room, units), keptTexts(id));
  return { draft, errors: savableOf(draft, room, draftOf(room, units), units).errors };
}

/** What of a draft is to be written over a room: nothing where it says what is there; and what is wrong in it. */
function toWrite(draft: LightDraft, stored: Room, revision: number, units: Units) {
  const at = { ...stored, revision };
  const storedDraft = draftOf(stored, units);
  const { write, errors } = savableOf(draft, at, storedDraft, units);
  const as = savableOf(storedDraft, at, storedDraft, units).write;
  return { write: write && !(as && sameWrite(write, as)) ? write : undefined, errors };
}

/** What was changed and waits for the person to pause; leaving the step saves it at once. */
function usePausedDraft(id: string, settle: (draft: LightDraft) => Promise<void>) {
  const [paused, setPaused] = useState(false);
  const pending = useRef<LightDraft | undefined>(undefined);
  const flush = useCallback(() => {
    const next = pending.current;
    pending.current = undefined;
    setPaused(false);
    if (next) void settle(next);
  }, [settle]);
  const later = useCallback(
    (next: LightDraft) => {
      pending.current = next;
      setPaused(true);
      windowPauses().later(id, PAUSE_MS, flush);
    },
    [id, flush],
  );
  useEffect(() => () => void windowPauses().runNow(id), [id, flush]); // leaving the step saves what was just typed
  return { paused, pending, later };
}

type Where = { readonly id: string; readonly href: string; readonly units: Units };

/** Saves what of a draft can be saved, and says what came of it. */
function useSettling(room: Room, { id, href, units }: Where) {
  const write = useVisitWrite();
  const [errors, setErrors] = useState<FieldErrors>({});
  const [sending, setSending] = useState(0);
  const [conflict, setConflict] = useState(false);
  const latest = useRef(room);
  /** Writes whose answer is not here yet: a refusal must not be mistaken for a change to take up. */
  const busy = useRef(0);
  /** The revision this page has led the room to. */
  const mine = useRef(room.revision);
  useEffect(() => {
    latest.current = room;
  });

  const settle = useCallback(
    async (next: LightDraft) => {
      const stored = latest.current;
      const { write: savable, errors: wrong } = toWrite(next, stored, mine.current, units);
      setErrors(wrong);
      keepWrong(id, wrongTexts(next, wrong), { room: stored, href });
      if (!savable) return;
      mine.current += 1;
      busy.current += 1;
      setSending((n) => n + 1);
      const result = await write(savable, { answers: true }).result;
      if (!result.ok) {
        mine.current -= 1;
        if (result.reason === 'changed-elsewhere') {
          // the newer one must be here before it can be chosen
          await readAgain();
          setConflict(true);
        } else setErrors((all) => ({ ...all, form: sayRefusal(result) }));
      }
      busy.current -= 1;
      setSending((n) => n - 1);
    },
    [id, href, units, write],
  );
  const ledTo = useCallback((revision: number) => void (mine.current = revision), []);
  /** True while what was changed elsewhere must not be shown over what is being said here. */
  const isAhead = useCallback((revision: number) => revision <= mine.current || busy.current > 0, []);
  return { errors, setErrors, sending, conflict, setConflict, latest, isAhead, ledTo, settle };
}

/**
 * The light of a room, every field saved by itself a moment after it was changed; what is wrong stays as it was typed and keeps nothing
 * else from being saved. A change made in another window is taken up; while something is being saved over it, the person chooses.
 */
export function useLightDraft(roomId: string) {
  const visit = useHome();
  const room = useRoom(roomId);
  const { units } = visit;
  const id = `light.${roomId}`;
  const href = addressOf({ visitId: visit.id, roomId, step: 'light' });
  const [draft, setDraft] = useState(() => draftOf(room, units));
  const { errors, setErrors, sending, conflict, setConflict, latest, isAhead, ledTo, settle } = useSettling(room, {
    id,
    href,
    units,
  });
  const { paused, pending, later } = usePausedDraft(id, settle);
  const change = useCallback(
    (next: LightDraft) => {
      setDraft(next);
      later(next);
    },
    [later],
  );
  const takeUp = useCallback(
    (now: Room) => {
      ledTo(now.revision);
      const typed = withTyped(now, id, units);
      setDraft(typed.draft);
      setErrors(typed.errors);
    },
    [id, units, ledTo, setErrors],
  );
  useEffect(() => {
    // what was typed here before, and could not be saved
    const frame = requestAnimationFrame(() => {
      if (Object.keys(keptTexts(id)).length > 0) takeUp(latest.current);
    });
    return () => cancelAnimationFrame(frame);
  }, [id, latest, takeUp]);
  useEffect(() => {
    // changed in another window, or taken back: while nothing is typed over it, it is shown
    if (isAhead(room.revision) || pending.current || conflict) return undefined;
    const frame = requestAnimationFrame(() => takeUp(room));
    return () => cancelAnimationFrame(frame);
  }, [room, conflict, sending, pending, isAhead, takeUp]);

  const takeNewer = () => {
    windowDrafts().drop(id);
    setConflict(false);
    takeUp(room);
  };
  const keepMine = () => {
    ledTo(room.revision);
    setConflict(false);
    void settle(draft);
  };
  const settled: LightSaving = Object.keys(errors).length > 0 ? 'not-saved' : 'saved';
  const saving: LightSaving = paused || sending > 0 ? 'saving' : settled;
  return { room, draft, change, errors, saving, conflict, takeNewer, keepMine };
}
