'use client';

import { useMemo } from 'react';
import { lightScale } from '@/core/derived/calibration';
import { describeWithRooms } from '@/core/derived/describe-joined';
import type { RoomItself } from '@/core/record/room';
import type { SurfaceInput } from '@/core/light/surface';
import type { MomentRequest } from '@/core/engine/light-protocol';
import { useCursorPart } from '../cursor/cursor';
import { useSkyOfDay } from '../cursor/sky-of-day';
import { skyAt } from './resolved-moment';
import { useHome, useRoomsBeside } from '../session/visit-context';

/** The request for one room at the cursor's quarter of an hour; `walls` paints all four. */
export function useMomentRequests(
  rooms: readonly RoomItself[],
  where: MomentRequest['where'],
  walls?: SurfaceInput,
): readonly MomentRequest[] {
  const visit = useHome();
  const at = useCursorPart((m) => m.at);
  const date = useCursorPart((m) => m.date);
  const sky = useCursorPart((m) => m.sky);
  const lampsOn = useCursorPart((m) => m.lampsOn);
  const hourly = useSkyOfDay(date, sky === 'service');
  const { latitude, longitude, timeZone } = visit.place;
  const beside = useRoomsBeside(rooms.some((r) => r.borrows));
  return useMemo(() => {
    const QUARTER = 15 * 60_000;
    const moment = Math.round(at / QUARTER) * QUARTER;
    return rooms.map((room) => ({
      room: describeWithRooms(room, beside, walls).description,
      place: { latitude, longitude },
      date,
      at: moment,
      sky: skyAt(sky, moment, hourly, timeZone),
      lampsOn,
      scale: lightScale(room),
      where,
    }));
  }, [rooms, beside, where, walls, at, date, sky, lampsOn, hourly, latitude, longitude, timeZone]);
}
