'use client';

import { createContext, useCallback, useContext, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { toast } from 'sonner';
import { v7 } from 'uuid';
import type { Operation, Write, WriteResult } from '@/core/formats/operations';
import type { Person } from '@/core/judge/ruling';
import { withOperations } from '@/core/record/optimistic';
import type { Room, Visit } from '@/core/record/types';
import { performOperation } from '@/server/operations/actions';
import { MomentProvider } from './moment';
import { forget, isFinal, keep, kept } from './outbox';
import { shareEqual } from './share-equal';
import { sayRefusal } from './words';

type Saving = 'saved' | 'saving' | 'waiting';

type VisitContext = {
  /** The visit with everything just said, saved or not. */
  readonly visit: Visit;
  readonly saving: Saving;
  readonly unsaved: ReadonlySet<string>;
  /** Writes at once on the screen and behind it in the background; never lost. Answers the operation's id. */
  readonly say: (write: Write) => string;
  /** Writes and waits for the answer; for forms. `id` makes a second sending of the same form harmless. */
  readonly save: (write: Write, id?: string) => Promise<WriteResult>;
  /** Reads the visit again, here and in the other windows, after something that is no write of this page was kept. */
  readonly reload: () => Promise<void>;
  readonly person: Person;
  readonly setPerson: (person: Person) => void;
};

const Context = createContext<VisitContext | undefined>(undefined);

export function useVisit(): VisitContext {
  const value = useContext(Context);
  if (!value) throw new Error('useVisit outside a visit');
  return value;
}

/** The room of this id; rooms are looked up by every step's page before it is shown. */
export function useRoom(roomId: string): Room {
  return useVisit().visit.rooms.find((r) => r.id === roomId)!;
}

export const stamp = (write: Write, id: string = v7()): Operation => ({ id, at: new Date().toISOString(), write });

const RETRY_MS = 2000;
const REFRESH_MS = 250;
const CHANNEL = 'elm-swatch';

/** Tells the other windows of this browser, and hears from them, that something was saved. */
function useOtherWindows(onChange: () => void): () => void {
  const channel = useRef<BroadcastChannel | null>(null);
  useEffect(() => {
    const own = new BroadcastChannel(CHANNEL);
    own.onmessage = onChange;
    channel.current = own;
    return () => own.close();
  }, [onChange]);
  return useCallback(() => channel.current?.postMessage('saved'), []);
}

type Ids = ReadonlySet<string>;

/** What was said here and is not in the visit as it was last read. */
function useSaid() {
  const [said, setSaid] = useState<readonly Operation[]>([]);
  const saved = useRef<Ids>(new Set());
  const add = useCallback((operations: readonly Operation[]) => setSaid((all) => [...all, ...operations]), []);
  const drop = useCallback((ids: Ids) => {
    if (ids.size === 0) return;
    setSaid((all) => all.filter((o) => !ids.has(o.id)));
    saved.current = new Set([...saved.current].filter((id) => !ids.has(id)));
  }, []);
  const markSaved = useCallback((id: string) => {
    saved.current = new Set([...saved.current, id]);
  }, []);
  const savedSoFar = useCallback((): Ids => saved.current, []);
  return { said, add, drop, markSaved, savedSoFar };
}
type Said = ReturnType<typeof useSaid>;

/** Sends what was said, one after the other, until it is saved or finally refused. */
function useSender({ add, drop, markSaved }: Said, onSaved: () => void) {
  const [unsaved, setUnsaved] = useState<ReadonlySet<string>>(new Set());
  const [saving, setSaving] = useState<Saving>('saved');
  const queue = useRef<Operation[]>([]);
  const busy = useRef(false);

  const pump = useCallback(async () => {
    if (busy.current) return;
    busy.current = true;
    while (queue.current.length > 0) {
      const operation = queue.current[0]!;
      setSaving((s) => (s === 'waiting' ? s : 'saving'));
      const result = await performOperation(operation).catch((): WriteResult => ({ ok: false, reason: 'failed' }));
      if (!isFinal(result)) {
        setSaving('waiting');
        await new Promise((resolve) => setTimeout(resolve, RETRY_MS));
        continue;
      }
      queue.current.shift();
      forget(operation.id);
      setUnsaved((ids) => new Set([...ids].filter((id) => id !== operation.id)));
      if (result.ok) markSaved(operation.id);
      else {
        toast.error(sayRefusal(result));
        drop(new Set([operation.id]));
      }
      onSaved();
    }
    busy.current = false;
    setSaving('saved');
  }, [onSaved, markSaved, drop]);

  const enqueue = useCallback(
    (operations: readonly Operation[]) => {
      queue.current.push(...operations);
      add(operations);
      setUnsaved((ids) => new Set([...ids, ...operations.map((o) => o.id)]));
      void pump();
    },
    [pump, add],
  );

  useEffect(() => {
    const frame = requestAnimationFrame(() => {
      const left = kept();
      if (left.length > 0) enqueue(left);
    });
    return () => cancelAnimationFrame(frame);
  }, [enqueue]);

  return { unsaved, saving, enqueue };
}

/** The visit as the server has it, read again on demand; an answer that comes late or not at all changes nothing. */
function useStored(first: Visit, { savedSoFar, drop }: Said) {
  const [stored, setStored] = useState(first);
  const asked = useRef(0);
  const readAgain = useCallback(async () => {
    const mine = (asked.current += 1);
    // what is saved by now is in the answer: said once more it would cover what another window has said since
    const within = savedSoFar();
    try {
      const response = await fetch(`/api/visits/${first.id}`);
      if (!response.ok) return;
      const visit = (await response.json()) as Visit;
      if (mine !== asked.current) return;
      setStored((before) => shareEqual(before, visit));
      drop(within);
    } catch {
      // the server is away: what is on the screen stays, and sending goes on by itself
    }
  }, [first.id, savedSoFar, drop]);
  return { stored, readAgain };
}

export function VisitProvider({ visit: first, children }: { readonly visit: Visit; readonly children: ReactNode }) {
  const said = useSaid();
  const { stored, readAgain } = useStored(first, said);
  const [person, setPerson] = useState<Person>('consultant');
  const refreshing = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  const refresh = useCallback(() => {
    clearTimeout(refreshing.current);
    refreshing.current = setTimeout(() => void readAgain(), REFRESH_MS);
  }, [readAgain]);
  const tellOthers = useOtherWindows(refresh);
  const onSaved = useCallback(() => {
    refresh();
    tellOthers();
  }, [refresh, tellOthers]);
  const { unsaved, saving, enqueue } = useSender(said, onSaved);
  const visit = useMemo(() => withOperations(stored, said.said), [stored, said.said]);

  const say = useCallback(
    (write: Write) => {
      const operation = stamp(write);
      keep(operation);
      enqueue([operation]);
      return operation.id;
    },
    [enqueue],
  );
  const save = useCallback(
    async (write: Write, id?: string) => {
      const result = await performOperation(stamp(write, id)).catch((): WriteResult => ({ ok: false, reason: 'failed' }));
      if (result.ok) tellOthers();
      await readAgain();
      return result;
    },
    [readAgain, tellOthers],
  );
  const reload = useCallback(async () => {
    tellOthers();
    await readAgain();
  }, [readAgain, tellOthers]);
  const value = useMemo(
    () => ({ visit, saving, unsaved, say, save, reload, person, setPerson }),
    [visit, saving, unsaved, say, save, reload, person],
  );
  return (
    <Context value={value}>
      <MomentProvider place={visit.place}>{children}</MomentProvider>
    </Context>
  );
}
