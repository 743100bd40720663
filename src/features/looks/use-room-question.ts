'use client';

import { useMemo } from 'react';
import type { LampAdvice, LampAdviceRequest, OthersAnswer, SeasonAnswer } from '@/core/engine/plan-protocol';
import type { NoAnswer, Swatch } from '@/core/engine/light-protocol';
import { withoutLights } from '@/core/engine/lit-room';
import { judgedThings } from '@/core/engine/judged-things';
import { candidateSwatch } from '@/core/engine/swatches';
import { inQuestion } from '../light-client/house-plan';
import { useJob } from '../light-client/light-worker';
import { useRoomLights } from '../light-client/room-day';
import { useRoom } from '../session/visit-context';

/** What a question about a room's colours depends on; undefined while it is not asked, or its lights are not known. */
function useRoomQuestion(roomId: string, asked: boolean): LampAdviceRequest | undefined {
  const room = useRoom(roomId);
  const lit = useRoomLights(roomId);
  return useMemo(() => {
    if (!asked || !lit) return undefined;
    const candidates = inQuestion(room).map((c) => ({ ...candidateSwatch(c), name: `${c.name} ${c.strength} %` }));
    return { lit, stays: judgedThings(room), candidates };
  }, [asked, lit, room]);
}
/** What tells one question from another: the lights follow from the room. */
const of = <R extends { readonly lit: Parameters<typeof withoutLights>[0] }>(request: R) => ({
  ...request,
  lit: withoutLights(request.lit),
});

/** What other lamps would make of a room's colours. */
export function useLampAdvice(roomId: string, asked: boolean) {
  const request = useRoomQuestion(roomId, asked);
  return useJob('lamps', request, { of, work: (w, id, question): Promise<LampAdvice | NoAnswer> => w.lamps(id, question) });
}

/** A room through the year. */
export function useSeason(roomId: string, asked: boolean) {
  const request = useRoomQuestion(roomId, asked);
  return useJob('season', request, {
    of,
    work: (w, id, question, progress): Promise<SeasonAnswer | NoAnswer> => w.season(id, question, progress),
  });
}

/** How other colours stand in every light of the room. */
export function useOthers(roomId: string, swatches: readonly Swatch[], asked: boolean) {
  const question = useRoomQuestion(roomId, asked);
  const request = useMemo(
    () => (question && swatches.length > 0 ? { lit: question.lit, stays: question.stays, swatches } : undefined),
    [question, swatches],
  );
  return useJob('others', request, { of, work: (w, id, others): Promise<OthersAnswer | NoAnswer> => w.others(id, others) });
}
