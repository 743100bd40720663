'use client';

import type { NoAnswer } from '@/core/engine/light-protocol';
import { useCallback, useMemo, useState } from 'react';
import { z } from 'zod';
import { FAMILIES } from '@/core/colour/family';
import { leniency } from '@/core/derived/leniency';
import { OFFERED_STRENGTHS } from '@/core/paint/strength';
import { withoutLights } from '@/core/engine/lit-room';
import type { ShortlistAnswer, Wanted } from '@/core/engine/judgement-protocol';
import { judgedThings } from '@/core/engine/judged-things';
import { localText } from '@/ui/browser-text';
import { useStoredText } from '@/ui/use-stored-text';
import { useAdvisedRoom } from '../light-client/room-day';
import { useJob } from '../light-client/light-worker';
import { useRoom, useVisit } from '../session/visit-context';

export const ANY_SHORTLIST: Wanted = {
  makers: [],
  families: [],
  strengths: OFFERED_STRENGTHS,
  lrv: [0, 100],
  onlyWorks: false,
};

const lrv = z.number().min(0).max(100);
const keptSchema = z.object({
  makers: z.array(z.string().max(200)).max(100),
  families: z.array(z.enum(FAMILIES)),
  strengths: z.array(z.number().refine((s) => (OFFERED_STRENGTHS as readonly number[]).includes(s))).min(1),
  lrv: z.tuple([lrv, lrv]),
  onlyWorks: z.boolean(),
});

const keyOf = (roomId: string) => `elm-swatch.shortlist.${roomId}`;

/** What was looked through last in a room, on this device; everything where nothing is kept, or nothing that can be read. */
function readWanted(kept: string | null): Wanted {
  try {
    return keptSchema.parse(JSON.parse(kept ?? ''));
  } catch {
    return ANY_SHORTLIST;
  }
}

/** The search for what could work in a room: begins by itself, shown as it goes, given up by hand. */
export function useShortlist(roomId: string, deckName: string) {
  const room = useRoom(roomId);
  const advised = useAdvisedRoom(roomId);
  const kept = useStoredText(localText, keyOf(roomId));
  const filter = useMemo(() => readWanted(kept), [kept]);
  const [given, setGiven] = useState(false);
  const things = judgedThings(room);
  const { rooms } = useVisit();
  const kinder = useMemo(() => leniency(rooms), [rooms]);
  const request = useMemo(
    () => (advised ? { ...advised, stays: things, wanted: filter, leniency: kinder } : undefined),
    [advised, things, filter, kinder],
  );
  const found = useJob(`shortlist ${deckName}`, given ? undefined : request, {
    of: withoutLights,
    work: (w, id, asked, progress): Promise<ShortlistAnswer | NoAnswer> => w.shortlist(id, asked, progress),
  });
  const change = useCallback(
    (next: Wanted) => {
      localText.set(keyOf(roomId), JSON.stringify(next));
      setGiven(false);
    },
    [roomId],
  );
  return { room, filter, setFilter: change, found, given, search: () => setGiven(false), cancel: () => setGiven(true) };
}
export type ShortlistSearch = ReturnType<typeof useShortlist>;
