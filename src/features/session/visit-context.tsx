'use client';

import {
  createContext,
  Fragment,
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
import { SAID_IN_ROOM, type RoomItself } from '@/core/record/room';
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
import { useFocusAgain } from '@/ui/use-focus-again';

/** What is said in a room, and what follows from it. */
const LEFT_OUT: ReadonlySet<string> = new Set([...SAID_IN_ROOM, 'inLight']);
/** Everything of a visit but its rooms. */
export type Home = Omit<VisitInLight, 'rooms' | 'retiredRooms'>;
type WriteHere = (said: Said, options?: WriteOptions & HistoryOptions) => Written;

type VisitContext = {
  readonly observed: ReturnType<typeof makeObserved>;
  readonly write: WriteHere;
  /** Everything written here, and the way back through it; taken by `features/shell/undo`. */
  readonly history: VisitHistory;
};

type HistoryOptions = {
  /** False for a write that takes a step back or does it again. */
  readonly noted?: boolean;
};

const Context = createContext<VisitContext | undefined>(undefined);
const PersonContext = createContext<readonly [Person, (person: Person) => void] | undefined>(undefined);

function useVisitContext(): VisitContext {
  const value = useContext(Context);
  if (!value) throw new Error('a visit is asked for outside of one');
  return value;
}

/**
 * A part of the visit, with everything just said in it, saved or not; what reads it is drawn again when that part changes, and not
 * otherwise.
 */
function useVisitPart<T>(part: (views: Views) => T): T {
  const { observed } = useVisitContext();
  return useSyncExternalStore(
    observed.subscribe,
    () => part(observed.now),
    () => part(observed.first),
  );
}

/** All of the visit, its rooms too. */
export const useVisit = (): VisitInLight => useVisitPart((views) => views.visit());
/** Everything of the visit but its rooms. */
export const useHome = (): Home => useVisitPart((views) => views.home());
/** The room of this id; rooms are looked up by every step's page before it is shown. */
export const useRoom = (roomId: string): RoomInLight => useVisitPart((views) => views.room(roomId));
/** The same without what is said in it: no verdict draws it again. */
/** All rooms of the visit where a room has light from them; nothing where it has none, so that nothing is drawn anew for theirs. */
export const useRoomsBeside = (borrows: boolean): readonly RoomInLight[] =>
  useVisitPart((views) => (borrows ? views.visit().rooms : NO_ROOMS));
const NO_ROOMS: readonly RoomInLight[] = [];
export const useRoomItself = (roomId: string): RoomItself => useVisitPart((views) => views.roomItself(roomId));
/** One plain fact of a room: drawn again when that is another. */
export const useRoomFact = <T extends string | number | boolean | null>(roomId: string, fact: (room: RoomInLight) => T): T =>
  useVisitPart((views) => fact(views.room(roomId)));
/** Ids of the rooms, in walking order. */
export const useRoomIds = (): readonly string[] => useVisitPart((views) => views.roomIds());
/** Writes to the visit. */
export const useVisitWrite = (): WriteHere => useVisitContext().write;
export const useHistory = (): VisitHistory => useVisitContext().history;
/** Who speaks, and the way to change it. */
export function usePerson(): readonly [Person, (person: Person) => void] {
  const who = useContext(PersonContext);
  if (!who) throw new Error('who speaks is asked for outside of a visit');
  return who;
}

/** The same object as before where every field is the same. */
function keptSame<T extends object>(before: T | undefined, now: T): T {
  const same = before && Object.entries(now).every(([field, value]) => Object.is(before[field as keyof T], value));
  return same ? before : now;
}

/** What is read of a visit, each part the same object as long as it says the same. */
function viewsOf(visit: () => VisitInLight) {
  let home: Home | undefined;
  let ids: readonly string[] = [];
  const themselves = new Map<string, RoomItself>();
  const room = (roomId: string): RoomInLight => visit().rooms.find((r) => r.id === roomId)!;
  return {
    visit,
    home(): Home {
      const { rooms: _, retiredRooms: __, ...now } = visit();
      home = keptSame(home, now);
      return home;
    },
    roomIds(): readonly string[] {
      const now = visit().rooms.map((r) => r.id);
      if (now.length !== ids.length || now.some((id, k) => id !== ids[k])) ids = now;
      return ids;
    },
    room,
    roomItself(roomId: string): RoomItself {
      const now = Object.fromEntries(Object.entries(room(roomId)).filter(([field]) => !LEFT_OUT.has(field))) as RoomItself;
      const kept = keptSame(themselves.get(roomId), now);
      themselves.set(roomId, kept);
      return kept;
    },
    speech: (): string => JSON.stringify(speechOf(visit())),
  };
}
type Views = ReturnType<typeof viewsOf>;

/**
 * A store of the visit, as it is now and as it was read. What was really mixed is what is shown and judged, each judgement in its kind of
 * light.
 */
function makeObserved(read: VisitAt) {
  const { tell, subscribe } = makeListeners();
  const news = (...asked: Parameters<ReturnType<typeof browserSession>['transport']['news']>) =>
    browserSession().transport.news(...asked);
  const store: VisitStore = makeVisitStore(read, { news }, tell);
  return { store, subscribe, now: viewsOf(() => asSeen(store.visit())), first: viewsOf(() => asSeen(read.visit)) };
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
function InItsWords({ children }: { readonly children: ReactNode }) {
  const { place } = useHome();
  // the same speech keeps the same function: nothing is drawn anew for it
  const speech = useVisitPart((views) => views.speech());
  const spoken = useMemo(() => JSON.parse(speech) as Speech, [speech]);
  const say = useMemo(() => sayAs(spoken), [spoken]);
  // elements are kept in their words: in others they are made anew
  const words = JSON.stringify(spoken.habits);
  useFocusAgain(words);
  return (
    <LocalWordsProvider say={say}>
      <CursorProvider place={place}>
        <Fragment key={words}>{children}</Fragment>
      </CursorProvider>
    </LocalWordsProvider>
  );
}

/** Holds a visit for its pages: as it was read (see core/operations/visit-text), and everything written here over it. */
export function VisitProvider({ text, children }: { readonly text: string; readonly children: ReactNode }) {
  const [observed] = useState(() => makeObserved(readVisitText(text)));
  const { store } = observed;
  const who = useState<Person>('consultant');
  const [history] = useState(() =>
    makeHistory(`elm-swatch.history.${observed.first.visit().id}`, typeof window === 'undefined' ? undefined : windowText),
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
  const value = useMemo(() => ({ observed, write, history }), [observed, write, history]);
  return (
    <Context value={value}>
      <PersonContext value={who}>
        <InItsWords>{children}</InItsWords>
      </PersonContext>
    </Context>
  );
}
