'use client';

import { createContext, useContext, useEffect, useMemo, useState, useSyncExternalStore, type ReactNode } from 'react';
import type { Write } from '@/core/operations/operations';
import type { VisitAt } from '@/core/operations/revision';
import { readVisitText } from '@/core/operations/visit-text';
import type { Person } from '@/core/judge/ruling';
import type { Room } from '@/core/record/room';
import type { Visit } from '@/core/record/visit';
import { CursorProvider } from '../cursor/cursor';
import { browserSession } from './browser-session';
import type { WriteOptions, Written } from './session';
import { useWrite } from './use-session';
import { makeVisitStore, type VisitStore } from './visit-store';

type VisitContext = {
  /** The visit with everything just said, saved or not. */
  readonly visit: Visit;
  readonly write: (write: Write, options?: WriteOptions) => Written;
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

/** A store of the visit that redraws whoever reads it. */
function makeObserved(first: VisitAt) {
  const listeners = new Set<() => void>();
  const news = (...asked: Parameters<ReturnType<typeof browserSession>['transport']['news']>) =>
    browserSession().transport.news(...asked);
  const store: VisitStore = makeVisitStore(first, { news }, () => {
    for (const listener of listeners) listener();
  });
  const subscribe = (listener: () => void) => {
    listeners.add(listener);
    return () => void listeners.delete(listener);
  };
  return { store, subscribe, first };
}

/** Holds a visit for its pages: as it was read (see core/operations/visit-text), and everything written here over it. */
export function VisitProvider({ text, children }: { readonly text: string; readonly children: ReactNode }) {
  const [{ store, subscribe, first }] = useState(() => makeObserved(readVisitText(text)));
  const visit = useSyncExternalStore(subscribe, store.visit, () => first.visit);
  const [person, setPerson] = useState<Person>('consultant');
  const write = useWrite();
  useEffect(() => {
    const detach = browserSession().session.attach(store);
    // what was read for this page may be older than what another window has saved since
    void store.read();
    return detach;
  }, [store]);
  const value = useMemo(() => ({ visit, write, person, setPerson }), [visit, write, person]);
  return (
    <Context value={value}>
      <CursorProvider place={visit.place}>{children}</CursorProvider>
    </Context>
  );
}
