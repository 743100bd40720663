'use client';

import { useCallback, useState } from 'react';
import type { Family } from '@/core/colour/family';
import { OFFERED_STRENGTHS } from '@/core/paint/strength';
import type { ShortlistAnswer, ShortlistRequest } from '@/core/engine/judgement-protocol';
import { judgedStay } from '@/core/engine/swatches';
import { useDayRequest, useLookIn, useScale } from '../light-client/room-day';
import { asKey } from '../light-client/as-key';
import { useJob } from '../light-client/light-worker';
import { useRoom, useVisit } from '../session/visit-context';

export type ShortlistFilter = {
  readonly makers: readonly string[];
  readonly families: readonly Family[];
  readonly strengths: readonly number[];
  readonly lrv: readonly [from: number, to: number];
};
export const ANY_SHORTLIST: ShortlistFilter = {
  makers: [],
  families: [],
  strengths: OFFERED_STRENGTHS,
  lrv: [0, 100],
};

/** What was last asked for in each room of this page, so that coming back finds it. */
const asked = new Map<string, { readonly filter: ShortlistFilter; readonly request: ShortlistRequest | undefined }>();

/** The search for what could work in a room: asked for by hand, shown as it goes, given up by hand. */
export function useShortlist(roomId: string, deckName: string) {
  const { visit } = useVisit();
  const room = useRoom(roomId);
  const { request: day } = useDayRequest(roomId);
  const lookIn = useLookIn(room, useScale(roomId));
  const [state, setState] = useState(() => asked.get(roomId) ?? { filter: ANY_SHORTLIST, request: undefined });
  const change = useCallback(
    (next: typeof state) => {
      asked.set(roomId, next);
      setState(next);
    },
    [roomId],
  );
  const { filter, request } = state;
  const found = useJob<ShortlistAnswer>(request && asKey(`shortlist ${deckName}`, request), (w, id, progress) =>
    w.shortlist(id, request!, progress),
  );
  const search = () => {
    const stays = room.stays.map(judgedStay);
    // the search looks through its own lights: neither the ribbon's sky nor its lamps change it
    const through = { day: { ...day, skies: 'clear' as const }, lookIn: { ...lookIn, lampsOn: false } };
    change({ filter, request: { ...through, stays, schools: visit.schools, wish: room.wish, wanted: filter } });
  };
  return {
    room,
    filter,
    setFilter: (next: ShortlistFilter) => change({ filter: next, request }),
    asked: request,
    found,
    search,
    cancel: () => change({ filter, request: undefined }),
  };
}
export type ShortlistSearch = ReturnType<typeof useShortlist>;
