'use client';

import { useDeferredValue, useMemo } from 'react';
import type { Lab } from '@/core/colour/types';
import type { AdvisedRoom } from '@/core/engine/advised-room';
import type { LitRoom } from '@/core/engine/lit-room';
import type { DayAnswer, DayRequest, LookIn, NoAnswer, Swatch } from '@/core/engine/light-protocol';
import type { TellingAnswer } from '@/core/engine/telling-at';
import { swatchesOf } from '@/core/engine/swatches';
import { lightScale } from '@/core/derived/calibration';
import { describeWithRooms } from '@/core/derived/describe-joined';
import { LIT_PARTS, type Assumed, type DescribedRoom } from '@/core/derived/describe-room';
import { judgingPosition } from '@/core/derived/judging-position';
import type { RoomItself } from '@/core/record/room';
import { shownDay, type ShownDay } from './shown-day';
import { latest, useBands, useJob, useDayLight, useHexes, useLightsOfUse } from './light-worker';
import { useDayParts, useCursorPart } from '../cursor/cursor';
import { useSkyOfDay } from '../cursor/sky-of-day';
import { useSkyShares } from '../cursor/sky-shares';
import { useHome, useRoomItself, useRoomsBeside } from '../session/visit-context';

const NOBODY: readonly RoomItself[] = [];

/** Rooms as described last, by id: what is said of a colour changes nothing about the light. */
type Described = { readonly of: RoomItself; readonly beside: readonly RoomItself[]; readonly found: DescribedRoom };
const described = new Map<string, Described>();
const sameLight = (p: RoomItself, q: RoomItself): boolean => p === q || LIT_PARTS.every((part) => p[part] === q[part]);
const sameBeside = (p: RoomItself, q: RoomItself): boolean => sameLight(p, q) && p.paintwork === q.paintwork;

/** @param rooms all of the visit, where light from them counts */
function describedOnce(room: RoomItself, rooms: readonly RoomItself[]): DescribedRoom {
  const before = described.get(room.id);
  const same =
    before &&
    sameLight(before.of, room) &&
    before.of.borrows === room.borrows &&
    (!room.borrows || (rooms.length === before.beside.length && rooms.every((r, k) => sameBeside(r, before.beside[k]!))));
  if (same) return before.found;
  const found = describeWithRooms(room, rooms);
  described.set(room.id, { of: room, beside: rooms, found });
  return found;
}

/** What the worker is asked about a room's day, and what about the room had to be assumed. */
export function useDayRequest(roomId: string): { readonly request: DayRequest; readonly assumed: readonly Assumed[] } {
  const visit = useHome();
  const room = useRoomItself(roomId);
  const { date, sky } = useDayParts();
  const hourly = useSkyOfDay(date, sky === 'service');
  const { latitude, longitude, timeZone } = visit.place;
  const rooms = useRoomsBeside(room.borrows);
  const { description, assumed } = describedOnce(room, rooms);
  return useMemo(() => {
    const skies = sky === 'service' ? hourly : sky;
    return { request: { room: description, place: { latitude, longitude }, date, zone: timeZone, skies }, assumed };
  }, [description, assumed, date, sky, hourly, latitude, longitude, timeZone]);
}

/** A room's day as computed. */
export function useRoomDay(roomId: string) {
  return useDayLight(useDayRequest(roomId).request);
}

/** A room's day as it may be shown at the cursor: see {@link shownDay}. Redraws only when that becomes another. */
export function useShownDay(roomId: string): ShownDay {
  const asked = useRoomDay(roomId);
  const is = useCursorPart((m) => shownDay(asked, m.at) !== undefined);
  const day = asked.state === 'done' ? asked.value : asked.before;
  const stale = asked.state !== 'done';
  return useMemo(() => (is && day ? { day, stale } : undefined), [is, day, stale]);
}

/** The position that is judged at: the one chosen, or the room's usual one. */
export function usePosition(room: RoomItself): string {
  return useCursorPart((m) => m.position) ?? judgingPosition(room);
}

/** Index of the moment of a day that is nearest an instant. */
export function momentIndex(day: Pick<DayAnswer, 'moments'>, at: number): number {
  const first = day.moments[0]!;
  const step = day.moments[1]! - first;
  return Math.max(0, Math.min(day.moments.length - 1, Math.round((at - first) / step)));
}

/** Which light looks are computed in. */
export function useLookIn(room: RoomItself, scale: number): LookIn {
  const position = usePosition(room);
  const lampsOn = useCursorPart((m) => m.lampsOn);
  return useMemo(() => ({ position, lampsOn, scale }), [position, lampsOn, scale]);
}

/** What a room's lights of use depend on; undefined until the climate is known. Neither the ribbon's sky nor its lamps change them. */
export function useLitRoom(roomId: string): LitRoom | undefined {
  const room = useRoomItself(roomId);
  const { date } = useDayParts();
  const { request } = useDayRequest(roomId);
  const position = usePosition(room);
  const scale = useScale(roomId);
  const skies = useSkyShares(date);
  const { use } = room;
  const { room: description, place, zone } = request;
  return useMemo(() => {
    if (!skies) return undefined;
    const day = { room: description, place, date, zone };
    return { day, lookIn: { position, lampsOn: false, scale }, usedFor: { use, skies } };
  }, [description, place, date, zone, position, scale, use, skies]);
}

/** What the lights of use of several rooms depend on, each at the wall it is judged at; undefined until the climate is known. */
export function useLitRooms(rooms: readonly RoomItself[]): readonly LitRoom[] | undefined {
  const visit = useHome();
  const { date } = useDayParts();
  const skies = useSkyShares(date);
  const beside = useRoomsBeside(rooms.some((r) => r.borrows));
  const { latitude, longitude, timeZone } = visit.place;
  return useMemo(
    () =>
      skies &&
      rooms.map((room) => ({
        day: {
          room: describedOnce(room, room.borrows ? beside : NOBODY).description,
          place: { latitude, longitude },
          date,
          zone: timeZone,
        },
        lookIn: { position: judgingPosition(room), lampsOn: false, scale: lightScale(room) },
        usedFor: { use: room.use, skies },
      })),
    [rooms, beside, skies, date, latitude, longitude, timeZone],
  );
}

/** The same with the lights themselves, so that what judges in them need not compute them; undefined until they are known. */
export function useRoomLights(roomId: string): LitRoom | undefined {
  const lit = useLitRoom(roomId);
  const found = useLightsOfUse(lit);
  const lights = found.state === 'done' ? found.value.lights : undefined;
  return useMemo(() => {
    if (!lit || found.state === 'computing') return undefined;
    // a room that cannot be is told by whoever judges in it
    return { ...lit, lights };
  }, [lit, found.state, lights]);
}

/** A room as it is advised on, apart from what stays in it; undefined until its lights are known. */
export function useAdvisedRoom(roomId: string): AdvisedRoom | undefined {
  const visit = useHome();
  const { kind, wish, moreWishes } = useRoomItself(roomId);
  const lit = useRoomLights(roomId);
  const { schools } = visit;
  return useMemo(() => lit && { ...lit, kind, schools, wish, moreWishes }, [lit, kind, schools, wish, moreWishes]);
}

/** Looks of all swatches of a room through the day, by id. */
export function useRoomBands(roomId: string) {
  const room = useRoomItself(roomId);
  const { stays, candidates, oldWall } = room;
  const { request } = useDayRequest(roomId);
  const lookIn = useLookIn(room, useScale(roomId));
  const swatches = useMemo(() => swatchesOf({ stays, candidates, oldWall }), [stays, candidates, oldWall]);
  // the paper alone is nothing to look at
  return useBands(swatches.length > 1 ? { day: request, swatches, lookIn } : undefined);
}

/**
 * Colours that are not in the room, as they look there at the cursor, in their order; undefined as long as they are shown as in the deck,
 * or not computed. `name` stands for the colours.
 */
export function useLooksAtCursor(roomId: string, name: string, labs: readonly Lab[]): readonly string[] | undefined {
  const room = useRoomItself(roomId);
  const { request } = useDayRequest(roomId);
  const lookIn = useLookIn(room, useScale(roomId));
  const moments = latest(useRoomDay(roomId));
  const shown = useCursorPart((m) => m.shown);
  const moment = useDeferredValue(useCursorPart((m) => (moments ? momentIndex(moments, m.at) : 0)));
  const asked = shown === 'in-light' && moments && labs.length > 0 ? { day: request, moment, labs, lookIn } : undefined;
  const answer = useDeferredValue(latest(useHexes(name, asked)));
  return asked && answer?.name === name ? answer.hexes : undefined;
}

/**
 * What shows the undertone of a colour as all look at the cursor; undefined as long as colours are shown as in the deck, or it is not
 * computed.
 */
export function useTellingAtCursor(roomId: string, wall: Swatch, colourId: string): TellingAnswer['told'] | undefined {
  const room = useRoomItself(roomId);
  const { request: day } = useDayRequest(roomId);
  const lookIn = useLookIn(room, useScale(roomId));
  const moments = latest(useRoomDay(roomId));
  const shown = useCursorPart((m) => m.shown);
  const moment = useDeferredValue(useCursorPart((m) => (moments ? momentIndex(moments, m.at) : 0)));
  const asked = shown === 'in-light' && moments ? { wall, colourId, day, moment, lookIn } : undefined;
  const found = latest(
    useJob('telling', asked, { work: (w, id, request): Promise<TellingAnswer | NoAnswer> => w.telling(id, request) }),
  );
  return asked && found?.told;
}

/** The correction by the light meter that is in force in a room; 1 without. */
export const useScale = (roomId: string): number => lightScale(useRoomItself(roomId));
