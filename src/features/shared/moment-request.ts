'use client';

import { useMemo } from 'react';
import { wallClock } from '@/core/light/time-zone';
import { lightScale } from '@/core/record/calibration';
import { describeRoom } from '@/core/record/light-room-of';
import type { Room } from '@/core/record/types';
import type { SurfaceInput } from '@/core/formats/room-light';
import type { MomentRequest } from '@/workers/protocol';
import { useMomentPart } from './moment';
import { useSkyOfDay } from './sky-of-day';
import { useVisit } from './visit-context';

/** The request for one room at the cursor's quarter of an hour; `walls` paints all four. */
export function useMomentRequests(
  rooms: readonly Room[],
  where: MomentRequest['where'],
  walls?: SurfaceInput,
): readonly MomentRequest[] {
  const { visit } = useVisit();
  const at = useMomentPart((m) => m.at);
  const date = useMomentPart((m) => m.date);
  const sky = useMomentPart((m) => m.sky);
  const lampsOn = useMomentPart((m) => m.lampsOn);
  const hourly = useSkyOfDay(date, sky === 'service');
  const { latitude, longitude, timeZone } = visit.place;
  return useMemo(() => {
    const QUARTER = 15 * 60_000;
    const moment = Math.round(at / QUARTER) * QUARTER;
    const hour = Math.floor(wallClock(moment, timeZone).hours);
    return rooms.map((room) => ({
      room: describeRoom(room, walls).description,
      place: { latitude, longitude },
      date,
      at: moment,
      sky: sky === 'service' ? (hourly[hour] ?? 'clear') : sky,
      lampsOn,
      scale: lightScale(room),
      where,
    }));
  }, [rooms, where, walls, at, date, sky, lampsOn, hourly, latitude, longitude, timeZone]);
}
