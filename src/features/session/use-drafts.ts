'use client';

import { useCallback, useEffect, useRef, useState, useSyncExternalStore } from 'react';
import { windowText } from '@/ui/browser-text';
import type { WriteResult } from './sender';
import { makeDrafts, type Draft, type Drafts } from './drafts';
import { PAUSE_MS, windowPauses } from './use-pauses';

let here: Drafts | undefined;
/** The drafts of this window. */
export function windowDrafts(): Drafts {
  here ??= makeDrafts(windowText);
  return here;
}

const NONE: ReadonlyMap<string, Draft> = new Map();
/** Everything that is typed and not saved. */
export const useDrafts = (): ReadonlyMap<string, Draft> =>
  useSyncExternalStore(
    (listener) => windowDrafts().subscribe(listener),
    () => windowDrafts().all(),
    () => NONE,
  );

/** What becomes of what was typed: words for what is wrong with it, or a write on its way. */
export type Kept = string | undefined | Promise<WriteResult>;

type Field = {
  /** Of the field, in the window. */
  readonly id: string;
  /** As it is saved, as text. */
  readonly saved: string;
  readonly where: string;
  readonly href: string;
  readonly keep: (text: string) => Kept;
  readonly says: (refused: Exclude<WriteResult, { ok: true }>) => string;
};

/**
 * A field that saves itself a moment after the typing and when it is left. What cannot be saved stays as it was typed, says why, and is
 * there again when the person comes back.
 */
export function useSelfSaving({ id, saved, where, href, keep, says }: Field) {
  const draft = useDrafts().get(id);
  const text = draft?.text ?? saved;
  const [error, setError] = useState<string>();
  const latest = useRef({ saved, keep, says });
  useEffect(() => {
    latest.current = { saved, keep, says };
  });

  const settle = async () => {
    const typed = windowDrafts().get(id)?.text;
    if (typed === undefined) return;
    if (typed === latest.current.saved) {
      setError(undefined);
      return windowDrafts().drop(id);
    }
    const kept = latest.current.keep(typed);
    if (typeof kept === 'string') return setError(kept);
    setError(undefined);
    // from here on the outbox has it
    windowDrafts().drop(id);
    const result = await kept;
    if (!result || result.ok) return;
    setError(latest.current.says(result));
    if (windowDrafts().get(id) === undefined) windowDrafts().keep(id, { text: typed, where, href });
  };
  const settleLatest = useRef(settle);
  useEffect(() => {
    settleLatest.current = settle;
  });
  const settleNow = useCallback(() => {
    if (!windowPauses().runNow(id)) void settleLatest.current();
  }, [id]);
  useEffect(() => settleNow, [settleNow]);
  return {
    value: text,
    error,
    onChange(next: string) {
      windowDrafts().keep(id, { text: next, where, href });
      windowPauses().later(id, PAUSE_MS, () => void settleLatest.current());
    },
    onBlur: settleNow,
  };
}
