'use client';

import { useMemo, useState } from 'react';
import type { CompanionsAnswer, CompanionsRequest } from '@/core/engine/companions';
import { judgedThings } from '@/core/engine/judged-things';
import type { NoAnswer, Swatch } from '@/core/engine/light-protocol';
import { withoutLights } from '@/core/engine/lit-room';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { useJob } from './light-worker';
import { useLitRooms, useRoomLights } from './room-day';

/** A colour whose companions are looked for, and who makes it. */
export type WallOf = { readonly swatch: Swatch; readonly maker: string };

/** What goes with a wall colour, computed for this room and proposed for the others; can be given up, and asked again. */
export function useCompanions(rooms: readonly RoomInLight[], room: RoomInLight, wall: WallOf | undefined) {
  const [given, setGiven] = useState(false);
  const others = useMemo(() => rooms.filter((r) => r.id !== room.id), [rooms, room.id]);
  const lit = useRoomLights(room.id);
  const litOthers = useLitRooms(others);
  const request = useMemo((): CompanionsRequest | undefined => {
    if (!wall || !lit || !litOthers || given) return undefined;
    return {
      wall: wall.swatch,
      maker: wall.maker,
      here: { id: room.id, kind: room.kind, lit, stays: judgedThings(room) },
      others: others.map((r, i) => ({ id: r.id, kind: r.kind, lit: litOthers[i]!, stays: judgedThings(r) })),
    };
  }, [wall, lit, litOthers, given, room, others]);
  const answer = useJob('companions', request, {
    of: ({ here, ...asked }) => ({ ...asked, here: { ...here, lit: here.lit && withoutLights(here.lit) } }),
    work: (w, id, asked, progress): Promise<CompanionsAnswer | NoAnswer> => w.companions(id, asked, progress),
  });
  return { answer, given, giveUp: () => setGiven(true), again: () => setGiven(false) };
}
