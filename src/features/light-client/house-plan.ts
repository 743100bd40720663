'use client';

import type { NoAnswer } from '@/core/engine/light-protocol';
import { useMemo } from 'react';
import type { HousePlan, PlanRequest, RoomToPlan } from '@/core/engine/plan-protocol';
import { judgedThings } from '@/core/engine/judged-things';
import { candidateSwatch } from '@/core/engine/swatches';
import { instantOf } from '@/core/light/day-moments';
import type { Look } from '@/core/record/look';
import { isBeforeBoards } from '@/core/derived/look-boards';
import { samplesDryAt } from '@/core/derived/sample-drying';
import { roomRecord } from '@/core/derived/room-record';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import { wallClock } from '@/core/light/time-zone';
import { useCursorPart } from '../cursor/cursor';
import { useInstant } from '../cursor/use-instant';
import { useVisit } from '../session/visit-context';
import { useJob } from './light-worker';
import { useLitRooms } from './room-day';

const decided = ({ id, light, fromHour, toHour, state }: Look) => ({
  id,
  light,
  taken: state === 'taken',
  hours: fromHour === null || toHour === null ? null : ([fromHour, toHour] as const),
});

/** Colours of a room that are still in question: what was ruled out needs no look. */
export const inQuestion = (room: RoomInLight) =>
  roomRecord(room)
    .rows.filter((row) => row.ruling !== 'not')
    .map((row) => row.candidate);

function toPlan(room: RoomInLight, lit: RoomToPlan['lit']): RoomToPlan {
  return {
    roomId: room.id,
    lit,
    candidates: inQuestion(room).map((c) => ({ ...candidateSwatch(c), name: `${c.name} ${c.strength} %` })),
    stays: judgedThings(room),
    // a painted board is looked at anew
    kept: room.looks.filter((l) => l.state !== 'dropped' && !isBeforeBoards(l, room)).map(decided),
    dropped: room.looks.filter((l) => l.state === 'dropped').map(decided),
  };
}

const QUARTER_MS = 15 * 60_000;

/**
 * The plan of the whole house for the day of the ribbon, while it is asked for and the climate is known; what is no longer asked is
 * cancelled.
 */
export function useHousePlan(asked: boolean) {
  const visit = useVisit();
  const date = useCursorPart((m) => m.date);
  const { rooms, plan } = visit;
  const zone = visit.place.timeZone;
  const lit = useLitRooms(rooms);
  // the order of rooms begins with the quarter of an hour that it is
  const instant = useInstant();
  const quarter = instant && wallClock(instant, zone).date === date ? Math.ceil(instant / QUARTER_MS) * QUARTER_MS : undefined;
  const request = useMemo((): PlanRequest | undefined => {
    if (!lit || !asked) return undefined;
    const during = plan.fromHour < plan.toHour;
    return {
      rooms: rooms.map((room, k) => toPlan(room, lit[k]!)),
      toleranceE: plan.toleranceE,
      visit: during ? [instantOf(date, zone, plan.fromHour), instantOf(date, zone, plan.toHour)] : null,
      skies: plan.skies,
      dryAt: samplesDryAt(rooms, plan),
      now: quarter,
    };
  }, [lit, asked, rooms, plan, date, zone, quarter]);
  return useJob('plan', request, { work: (w, id, of, progress): Promise<HousePlan | NoAnswer> => w.plan(id, of, progress) });
}
