'use client';

import { v7 } from 'uuid';
import { wallClock } from '@/core/light/time-zone';
import { byDaylight, cursorOfLook, type LookLight } from '@/core/plan/look-light';
import type { Look } from '@/core/record/look';
import { useReadCursor, useSetCursor, type SkyChoice } from '../cursor/cursor';
import { instantOf } from '@/core/light/day-moments';
import { addressOf } from '../session/address';
import { useHome, useVisitWrite } from '../session/visit-context';
import { goTo } from '../session/where';
import { aboutOf, lookOf, type LookRow } from '@/core/engine/look-rows';
import type { WriteOf } from '@/core/operations/operations';

/** Today's sky where it shows the same. */
const lightToday = ({ light, lights }: LookRow, sky: SkyChoice): LookLight =>
  sky !== 'service' && byDaylight(light) && lights.includes(sky) ? sky : light;

/** The id of a look that is kept just as it is to be taken. */
const asItIs = ({ state, look }: LookRow, light: LookLight): string | undefined =>
  state === 'planned' && look?.light === light && look.who === 'consultant' ? look.id : undefined;

/** The write that keeps a row of the plan, as it is or changed. */
export const savedLook = (row: LookRow, change: Partial<Look>): WriteOf<'look.save'> => ({
  name: 'look.save',
  roomId: row.room.id,
  lookId: row.look?.id ?? v7(),
  ...lookOf(row, change),
});

/** What can be done with the looks of a visit. */
export function useLooks() {
  const visit = useHome();
  const write = useVisitWrite();
  const set = useSetCursor();
  const read = useReadCursor();
  const zone = visit.place.timeZone;

  /** Keeps a row, as it is or changed; answers its id. */
  const keep = (row: LookRow, change: Partial<Look> = {}): string => {
    const save = savedLook(row, change);
    write(save);
    return save.lookId;
  };

  /** The instant the cursor goes to for a look: now where its light is there now, else the middle of its hours. */
  const instantFor = ({ planned, fromHour, toHour, light }: LookRow): number => {
    const { date } = read();
    const now = Date.now();
    const clock = wallClock(now, zone);
    if (light === 'lamps') return planned?.at ?? instantOf(date, zone, 20);
    const [from, to] = [fromHour ?? 0, toHour ?? 24];
    if (clock.date === date && clock.hours >= from && clock.hours < to) return now;
    if (planned && planned.at >= instantOf(date, zone, from) && planned.at <= instantOf(date, zone, to)) return planned.at;
    return instantOf(date, zone, (from + to) / 2);
  };

  /** Sets the light, the wall and the colours of a look and goes to the bench: what is said there is said at it. */
  const take = (row: LookRow) => {
    const light = lightToday(row, read().sky);
    const lookId = asItIs(row, light) ?? keep(row, { light, state: 'planned', takenAt: null, who: 'consultant' });
    set({
      ...cursorOfLook(light),
      at: instantFor(row),
      lampsByDark: false,
      shown: 'in-light',
      position: row.walls[0] ?? null,
      lookId,
    });
    goTo(addressOf({ visitId: visit.id, roomId: row.room.id, step: 'bench', at: aboutOf(row) }));
  };
  return { keep, take };
}
