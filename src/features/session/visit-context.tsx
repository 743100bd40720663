'use client';

import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useState,
  useSyncExternalStore,
  type ReactNode,
} from 'react';
import type { Write } from '@/core/operations/operations';
import type { VisitAt } from '@/core/operations/revision';
import { readVisitText } from '@/core/operations/visit-text';
import type { Person } from '@/core/judge/ruling';
import { asSeen, type RoomInLight, type VisitInLight } from '@/core/derived/kinds-of-light';
import { roomsOf, type Visit } from '@/core/record/visit';
import { sayAs, speechOf, type Speech } from '@/core/derived/visit-speech';
import { LocalWordsProvider } from '@/speech/local-words';
import { windowText } from '@/ui/browser-text';
import { CursorProvider } from '../cursor/cursor';
import { readAddress } from './address';
import { browserSession } from './browser-session';
import { makeHistory, type StepPlace, type VisitHistory } from './history';
import type { Said, WriteOptions, Written } from './session';
import { makeVisitStore, type VisitStore } from './visit-store';
import { makeListeners } from '@/ui/listeners';

type VisitContext = {
  /** The visit with everything just said, saved or not. */
  readonly visit: VisitInLight;
  readonly write: (said: Said, options?: WriteOptions & HistoryOptions) => Written;
  /** Everything written here, and the way back through it; taken by `features/shell/undo`. */
  readonly history: VisitHistory;
  readonly person: Person;
  readonly setPerson: (person: Person) => void;
};

type HistoryOptions = {
  /** False for a write that takes a step back or does it again. */
  readonly noted?: boolean;
};

const Context = createContext<VisitContext | undefined>(undefined);

export function useVisit(): VisitContext {
  const value = useContext(Context);
  if (!value) throw new Error('useVisit outside a visit');
  return value;
}

/** The room of this id; rooms are looked up by every step's page before it is shown. */
export function useRoom(roomId: string): RoomInLight {
  return useVisit().visit.rooms.find((r) => r.id === roomId)!;
}

/** A store of the visit that redraws whoever reads it. */
function makeObserved(first: VisitAt) {
  const { tell, subscribe } = makeListeners();
  const news = (...asked: Parameters<ReturnType<typeof browserSession>['transport']['news']>) =>
    browserSession().transport.news(...asked);
  const store: VisitStore = makeVisitStore(first, { news }, tell);
  return { store, subscribe, first };
}

/** Where a write belongs: to the pair it speaks of, otherwise to the screen it was written on. */
function placeOf(write: Write, visit: Visit): StepPlace {
  const here = readAddress(window.location.pathname);
  if (!('roomId' in write)) return here;
  const room = roomsOf(visit).find((r) => r.id === write.roomId);
  const pair =
    write.name === 'verdict.give'
      ? write
      : write.name === 'verdict.reason' || write.name === 'verdict.undo'
        ? room?.verdicts.find((v) => v.id === write.verdictId)
        : undefined;
  if (pair) return { roomId: write.roomId, step: 'bench', at: { colour: pair.candidateId, stay: pair.stayId } };
  if (write.name === 'intensity.give' || write.name === 'reaction.give')
    return { roomId: write.roomId, step: 'bench', at: { colour: write.candidateId } };
  return { ...here, roomId: write.roomId };
}

/** Everything within is said as the visit speaks. */
function InItsWords({ visit, children }: { readonly visit: Visit; readonly children: ReactNode }) {
  // the same speech keeps the same function: nothing is drawn anew for it
  const speech = JSON.stringify(speechOf(visit));
  const say = useMemo(() => sayAs(JSON.parse(speech) as Speech), [speech]);
  return <LocalWordsProvider say={say}>{children}</LocalWordsProvider>;
}

/** Holds a visit for its pages: as it was read (see core/operations/visit-text), and everything written here over it. */
export function VisitProvider({ text, children }: { readonly text: string; readonly children: ReactNode }) {
  const [{ store, subscribe, first }] = useState(() => makeObserved(readVisitText(text)));
  const stored = useSyncExternalStore(subscribe, store.visit, () => first.visit);
  // what was really mixed is what is shown and judged, and each judgement in its kind of light
  const visit = asSeen(stored);
  const [person, setPerson] = useState<Person>('consultant');
  const [history] = useState(() =>
    makeHistory(`elm-swatch.history.${first.visit.id}`, typeof window === 'undefined' ? undefined : windowText),
  );
  const write = useCallback(
    (said: Said, { noted = true, ...options }: WriteOptions & HistoryOptions = {}): Written => {
      const before = store.visit();
      const written = browserSession().session.write(said, options);
      const [first] = written.operations;
      if (noted && first) {
        history.note(before, written.operations, placeOf(written.operations.at(-1)!.write, store.visit()));
        void written.result.then((result) => {
          if (!result.ok) history.forget(written.id);
        });
      }
      return written;
    },
    [store, history],
  );
  useEffect(() => {
    const detach = browserSession().session.attach(store);
    // what was read for this page may be older than what another window has saved since
    void store.read();
    return detach;
  }, [store]);
  const value = useMemo(() => ({ visit, write, history, person, setPerson }), [visit, write, history, person]);
  return (
    <Context value={value}>
      <InItsWords visit={visit}>
        <CursorProvider place={visit.place}>{children}</CursorProvider>
      </InItsWords>
    </Context>
  );
}
