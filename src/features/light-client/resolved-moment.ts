'use client';

import { useCallback, useMemo } from 'react';
import type { DayAnswer } from '@/core/engine/light-protocol';
import { NIGHT_ALTITUDE_DEG } from '@/core/light/dark-hours';
import type { SkyName } from '@/core/light/outdoors';
import { wallClock } from '@/core/light/time-zone';
import { kindOfMoment, sunOf } from '@/core/derived/kinds-of-light';
import { judgingLightOf } from '@/core/derived/judging-light';
import type { RoomItself } from '@/core/record/room';
import type { VerdictMoment } from '@/core/record/verdict';
import type { JudgingLight, KeptLight } from '@/core/room/facing';
import { useCursorPart, useReadCursor, type Cursor, type SkyChoice } from '../cursor/cursor';
import { useSkyOfDay } from '../cursor/sky-of-day';
import { useHome } from '../session/visit-context';
import { latest } from './light-worker';
import { momentIndex, usePosition, useRoomDay, useScale } from './room-day';

/** A sky that was chosen, or the one of the hour where the sky service is followed. */
export const skyAt = (chosen: SkyChoice, at: number, hourly: readonly SkyName[], zone: string): SkyName =>
  chosen === 'service' ? (hourly[Math.floor(wallClock(at, zone).hours)] ?? 'clear') : chosen;

type Where = { readonly room: Pick<RoomItself, 'windows' | 'lamps'>; readonly position: string; readonly scale: number };

/**
 * What falls on the position at a moment, lux; null when it is not known. Of a room of which neither window nor lamp is recorded only the
 * night is known.
 */
export function luxAt(day: DayAnswer | undefined, at: number, lampsOn: boolean, { room, position, scale }: Where): number | null {
  if (!day) return null;
  const m = momentIndex(day, at);
  if (room.windows.length + room.lamps.length === 0) return day.sun[m]!.altitudeDeg > NIGHT_ALTITUDE_DEG ? null : 0;
  const place = Math.max(0, day.positions.indexOf(position));
  return (lampsOn ? day.withLamps : day.daylight)[m]![place]!.lux * scale;
}

export type ResolvedMoment = {
  readonly moment: VerdictMoment;
  /** The kind of light it is in this room; undefined in the dark. */
  readonly light: JudgingLight | undefined;
  /** What is written of it with what is said. */
  readonly kept: KeptLight | undefined;
};

/** How a moment of the cursor in a room is kept, and the light it is judged in; undefined light in the dark. */
export function useResolve(room: RoomItself): (change?: Partial<Pick<Cursor, 'at' | 'lampsOn'>>) => ResolvedMoment {
  const read = useReadCursor();
  const visit = useHome();
  const { timeZone } = visit.place;
  const date = useCursorPart((m) => m.date);
  const followed = useCursorPart((m) => m.sky === 'service');
  const hourly = useSkyOfDay(date, followed);
  const position = usePosition(room);
  const scale = useScale(room.id);
  // a figure of another sky would be kept with the verdict: none is better
  const asked = useRoomDay(room.id);
  const day = asked.state === 'done' ? asked.value : undefined;
  const sun = useMemo(() => sunOf(room, visit), [room, visit]);
  return useCallback(
    (change = {}) => {
      const { at, lampsOn, sky } = { ...read(), ...change };
      const lux = luxAt(day, at, lampsOn, { room, position, scale });
      const moment = { at: new Date(at).toISOString(), sky: skyAt(sky, at, hourly, timeZone), lampsOn, position, lux };
      const kept = judgingLightOf(moment);
      return { moment, kept, light: kept && kindOfMoment(moment, sun) };
    },
    [read, day, room, position, scale, hourly, timeZone, sun],
  );
}

/** The light at the cursor in the record's words; undefined in the dark. Redraws only when it becomes another. */
export function useJudgingLight(room: RoomItself): JudgingLight | undefined {
  const resolve = useResolve(room);
  return useCursorPart(({ at, lampsOn }) => resolve({ at, lampsOn }).light);
}

/** The moment of the day at which the most daylight falls on the position; undefined when none ever does, or nothing is computed. */
export function useLightestMoment(room: RoomItself): number | undefined {
  const day = latest(useRoomDay(room.id));
  const position = usePosition(room);
  if (!day) return undefined;
  if (room.windows.length + room.lamps.length === 0) {
    const noon = day.sun.reduce((best, p, m) => (p.altitudeDeg > day.sun[best]!.altitudeDeg ? m : best), 0);
    return day.sun[noon]!.altitudeDeg > NIGHT_ALTITUDE_DEG ? day.moments[noon] : undefined;
  }
  const place = Math.max(0, day.positions.indexOf(position));
  const best = day.daylight.reduce((b, lights, m) => (lights[place]!.lux > day.daylight[b]![place]!.lux ? m : b), 0);
  return day.daylight[best]![place]!.lux > 0 ? day.moments[best] : undefined;
}
