'use client';

import type { NoAnswer } from '@/core/engine/light-protocol';
import { useMemo } from 'react';
import { withoutLights } from '@/core/engine/lit-room';
import { judgedThings } from '@/core/engine/judged-things';
import type { WaysAnswer, WaysRequest } from '@/core/engine/surface-ways';
import type { DecidedRoom } from '@/core/derived/decided';
import type { PaintSurface } from '@/core/derived/paint-surfaces';
import { stayingWith } from '@/core/derived/painted-over';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { useDeck } from '../entry/deck-data';
import { latest, useJob } from '../light-client/light-worker';
import { useRoomLights } from '../light-client/room-day';
import { shownWays, wallAsThing, waysFor, whiteWay, type ShownWay } from '@/core/engine/ways';

/** Proposals of a kind that are ready, of all that is shown. */
const READY_FIRST = { trim: ['own', 'white', 'deeper'], ceiling: ['white', 'weaker', 'own'] } as const;

/** In the order in which they are offered: the three ready ones of trim and ceiling first. */
function inOrder(ways: readonly ShownWay[], kind: PaintSurface['kind']): ShownWay[] {
  if (kind !== 'trim' && kind !== 'ceiling') return [...ways];
  const ready: readonly string[] = READY_FIRST[kind];
  const rank = (w: ShownWay) => (ready.includes(w.key) ? ready.indexOf(w.key) : ready.length);
  return [...ways].sort((p, q) => rank(p) - rank(q));
}

/** What surfaces of a kind are judged beside: what is still there when they are painted. */
function judgedStaying(room: RoomInLight, kind: PaintSurface['kind']) {
  const staying = new Set(stayingWith(room.stays, [kind]).map((s) => s.id));
  return judgedThings(room).filter((thing) => staying.has(thing.id));
}

/** What could be painted on surfaces, judged beside walls and what stays in the room's lights. */
export function useWays(room: RoomInLight, decided: DecidedRoom, surfaces: readonly PaintSurface[]) {
  const asksDeck = useDeck();
  const { data: deck } = asksDeck;
  const lit = useRoomLights(room.id);
  const asked = useMemo(() => ({ room, decided, surfaces, deck }), [room, decided, surfaces, deck]);
  const ways = useMemo(() => waysFor(asked), [asked]);
  const kind = surfaces[0]?.kind ?? 'wall';
  const findWhite = kind !== 'wall' && kind !== 'outside';
  const request = useMemo((): WaysRequest | undefined => {
    const toJudge = ways.filter((w) => w.asks !== null);
    if (!lit || (toJudge.length === 0 && !findWhite)) return undefined;
    return {
      lit,
      stays: judgedStaying(room, kind),
      wall: wallAsThing(decided),
      ways: toJudge.map((w) => ({ key: w.key, swatch: w.swatch, besideWall: w.asks === 'beside-wall' })),
      on: kind === 'trim' || kind === 'ceiling' ? kind : 'other',
      findWhite,
    };
  }, [lit, ways, findWhite, kind, room, decided]);
  const answer = useJob('ways', request, {
    of: (ways) => ({ ...ways, lit: withoutLights(ways.lit) }),
    work: (w, id, ways): Promise<WaysAnswer | NoAnswer> => w.ways(id, ways),
  });
  const judged = latest(answer);
  const shown = useMemo(() => {
    const white = whiteWay(asked, judged?.white ?? null);
    const all =
      white && !ways.some((w) => w.colour.deckColourId === white.colour.deckColourId && w.strength === white.strength)
        ? [...ways, white]
        : ways;
    return inOrder(shownWays(all, [...(judged?.ways ?? []), ...(judged?.white ? [judged.white] : [])]), kind);
  }, [asked, judged, ways, kind]);
  return { ways: shown, judging: request !== undefined && answer.state === 'computing', deck: asksDeck };
}
