'use client';

import { useMemo, useState } from 'react';
import type { HouseAnswer, HouseRequest } from '@/core/engine/house';
import { judgedThings } from '@/core/engine/judged-things';
import type { NoAnswer } from '@/core/engine/light-protocol';
import { withoutLights } from '@/core/engine/lit-room';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { useJob } from '../light-client/light-worker';
import { useLitRooms } from '../light-client/room-day';
import { useHome } from '../session/visit-context';
import { settledWalls } from './on-walls';

/**
 * The house as one, over all rooms of the visit; can be given up, and asked again. What is settled in a room stays, but where it is `open`.
 */
export function useHouse(rooms: readonly RoomInLight[], open: ReadonlySet<string>) {
  const [given, setGiven] = useState(false);
  const { schools } = useHome();
  const lit = useLitRooms(rooms);
  const request = useMemo((): HouseRequest | undefined => {
    if (!lit || given) return undefined;
    return {
      rooms: rooms.map((room, k) => {
        const { kind, wish, moreWishes } = room;
        const keeps = open.has(room.id) ? null : (settledWalls(room)?.paint ?? null);
        return { id: room.id, room: { ...lit[k]!, kind, schools, wish, moreWishes }, things: judgedThings(room), keeps };
      }),
    };
  }, [rooms, lit, given, schools, open]);
  const answer = useJob('house', request, {
    of: (asked) => ({ rooms: asked.rooms.map((r) => ({ ...r, room: withoutLights(r.room) })) }),
    work: (w, id, asked, progress): Promise<HouseAnswer | NoAnswer> => w.house(id, asked, progress),
  });
  return { answer, given, giveUp: () => setGiven(true), again: () => setGiven(false) };
}
