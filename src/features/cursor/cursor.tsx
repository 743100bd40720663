'use client';

import { createContext, useContext, useEffect, useMemo, useState, useSyncExternalStore, type ReactNode } from 'react';
import type { Person } from '@/core/judge/ruling';
import type { SkyName } from '@/core/light/outdoors';
import { wallClock } from '@/core/light/time-zone';
import { clockAgrees, type WaySeen } from '@/core/record/seen';
import type { VisitPlace } from '@/core/record/visit';
import { makeListeners } from '@/ui/listeners';

/** The sky that is judged in: one of three, or hour by hour as the sky service says. */
export type SkyChoice = SkyName | 'service';

/** A planned look as the ribbon shows it: hours of the home's clock. */
export type PlannedOnRibbon = {
  readonly roomId: string;
  readonly number: number;
  readonly fromHour: number;
  readonly toHour: number;
  readonly who: Person;
};

/** The light we are judging in. */
export type Cursor = {
  /** Calendar date at the home, YYYY-MM-DD. */
  readonly date: string;
  /** The cursor, an instant of that date. */
  readonly at: number;
  readonly sky: SkyChoice;
  readonly lampsOn: boolean;
  /** Lamps come on by themselves in the dark until the person says otherwise. */
  readonly lampsByDark: boolean;
  /** Whether it is too dark to judge by daylight at an instant, in the room that is shown, and lamps are recorded; null: not known. */
  readonly darkAt: ((at: number) => boolean | null) | null;
  /** Colours as they look in that light, or as in the deck. */
  readonly shown: 'in-light' | 'in-deck';
  /** Where in the room: a wall, by the window, under the lamp. */
  readonly position: string | null;
  /** The look that is being taken; null outside of one. */
  readonly lookId: string | null;
  /** How the person says they see it, in the light of the cursor; null: as the clock tells. */
  readonly seenAs: WaySeen | null;
  /** Looks that are only planned, as they were computed last: the ribbon of every room shows its own. */
  readonly planned: readonly PlannedOnRibbon[];
};

type Store = {
  readonly get: () => Cursor;
  readonly set: (change: Partial<Cursor>) => void;
  readonly subscribe: (listener: () => void) => () => void;
};

/** Midday stands in until the page runs in the browser, where the clock is. */
const START: Cursor = {
  date: '2026-01-01',
  at: Date.UTC(2026, 0, 1, 12),
  sky: 'clear',
  lampsOn: false,
  lampsByDark: true,
  darkAt: null,
  shown: 'in-deck',
  position: null,
  lookId: null,
  seenAs: null,
  planned: [],
};

/** When it is dark at the cursor, lamps are on; by day they go off again, unless the person has said. */
const withLamps = (cursor: Cursor): Cursor => {
  const dark = cursor.lampsByDark ? (cursor.darkAt?.(cursor.at) ?? null) : null;
  return dark === null || dark === cursor.lampsOn ? cursor : { ...cursor, lampsOn: dark };
};

/** Whether a change leaves the light of which the person had said how they see it. */
const isOtherLight = (now: Cursor, next: Cursor): boolean =>
  (['at', 'sky', 'lampsOn', 'lookId'] as const).some((part) => next[part] !== now[part]);

/** How what is judged at the cursor is seen: as the person says, or as the clock tells. */
export const waySeen = ({ seenAs, at }: Pick<Cursor, 'seenAs' | 'at'>): WaySeen =>
  seenAs ?? (clockAgrees(at, Date.now()) ? 'in-room' : 'on-screen');

function makeStore(): Store {
  let moment = START;
  const { tell, subscribe } = makeListeners();
  return {
    get: () => moment,
    set: (change) => {
      const next = withLamps({ ...moment, ...change });
      moment = isOtherLight(moment, next) && !('seenAs' in change) ? { ...next, seenAs: null } : next;
      tell();
    },
    subscribe,
  };
}

const Context = createContext<Store | undefined>(undefined);

/** Holds the moment of a visit; it begins at the clock's now. */
export function CursorProvider({ place, children }: { readonly place: VisitPlace; readonly children: ReactNode }) {
  const [store] = useState(makeStore);
  useEffect(() => {
    // at once: what is said in the first frame is said now
    const at = Date.now();
    store.set({ at, date: wallClock(at, place.timeZone).date });
  }, [store, place.timeZone]);
  return <Context.Provider value={store}>{children}</Context.Provider>;
}

function useStore(): Store {
  const store = useContext(Context);
  if (!store) throw new Error('useMoment outside a visit');
  return store;
}

/** A part of the moment; the component is drawn again when that part changes and not otherwise. */
export function useCursorPart<T>(pick: (moment: Cursor) => T): T {
  const store = useStore();
  return useSyncExternalStore(
    store.subscribe,
    () => pick(store.get()),
    () => pick(START),
  );
}

/** Changes the moment. */
export function useSetCursor(): (change: Partial<Cursor>) => void {
  return useStore().set;
}

/** Reads the moment when something is done, without being drawn again for it. */
export const useReadCursor = (): (() => Cursor) => useStore().get;

/** The parts that a day in a room depends on; steady while the cursor moves. */
export function useDayParts(): Pick<Cursor, 'date' | 'sky'> {
  const date = useCursorPart((m) => m.date);
  const sky = useCursorPart((m) => m.sky);
  return useMemo(() => ({ date, sky }), [date, sky]);
}
