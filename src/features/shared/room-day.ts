'use client';

import { useDeferredValue, useMemo } from 'react';
import { PAPERS } from '@/core/colour/paper';
import { lightScale } from '@/core/record/calibration';
import { describeRoom, LIT_PARTS, type Assumed, type DescribedRoom } from '@/core/record/light-room-of';
import type { Candidate, RecordedColour, RecordedStay, Room } from '@/core/record/types';
import type { JudgedStay } from '@/workers/judgement-protocol';
import type { DayAnswer, DayRequest, LookIn, Swatch } from '@/workers/protocol';
import { latest, useBands, useDayLight, useHexes } from './room-light';
import { useDayParts, useMomentPart } from './moment';
import { useSkyOfDay } from './sky-of-day';
import { useRoom, useVisit } from './visit-context';

/** Rooms as described last, by id: what is said of a colour changes nothing about the light. */
const described = new Map<string, { readonly of: Room; readonly found: DescribedRoom }>();

function describedOnce(room: Room): DescribedRoom {
  const before = described.get(room.id);
  if (before && LIT_PARTS.every((part) => before.of[part] === room[part])) return before.found;
  const found = describeRoom(room);
  described.set(room.id, { of: room, found });
  return found;
}

/** What the worker is asked about a room's day, and what about the room had to be assumed. */
export function useDayRequest(roomId: string): { readonly request: DayRequest; readonly assumed: readonly Assumed[] } {
  const { visit } = useVisit();
  const room = useRoom(roomId);
  const { date, sky } = useDayParts();
  const hourly = useSkyOfDay(date, sky === 'service');
  const { latitude, longitude, timeZone } = visit.place;
  const { description, assumed } = describedOnce(room);
  return useMemo(() => {
    const skies = sky === 'service' ? hourly : sky;
    return { request: { room: description, place: { latitude, longitude }, date, zone: timeZone, skies }, assumed };
  }, [description, assumed, date, sky, hourly, latitude, longitude, timeZone]);
}

/** A room's day as computed. */
export function useRoomDay(roomId: string) {
  return useDayLight(useDayRequest(roomId).request);
}

/** The position that is judged at: the one chosen, or the wall opposite the largest window. */
export function usePosition(room: Room): string {
  const chosen = useMomentPart((m) => m.position);
  const largest = [...room.windows].sort((p, q) => q.widthM * q.heightM - p.widthM * p.heightM)[0];
  return chosen ?? `wall-${((largest?.wall ?? 0) + 2) % 4}`;
}

type LabTriple = readonly [l: number, a: number, b: number];

/** Index of the moment of a day that is nearest an instant. */
export function momentIndex(day: Pick<DayAnswer, 'moments'>, at: number): number {
  const first = day.moments[0]!;
  const step = day.moments[1]! - first;
  return Math.max(0, Math.min(day.moments.length - 1, Math.round((at - first) / step)));
}

export const colourSwatch = (id: string, { lab, source }: RecordedColour): Swatch => ({
  id,
  lab: [lab.l, lab.a, lab.b],
  // a measured curve is only taken as it is when it lies on the product's own grid
  spectrum: source.kind === 'spectrophotometer' && source.spectrum.values.length === 81 ? source.spectrum.values : null,
});
/** A thing that stays as the worker judges it. */
export const judgedStay = ({ id, name, kind, school, components }: RecordedStay): JudgedStay => ({
  id,
  name,
  kind,
  school,
  components: components.map((c) => ({ ...colourSwatch(c.id, c.colour), name: c.name, share: c.share })),
});
export const candidateSwatch = (c: Candidate): Swatch => ({ id: c.id, lab: [c.lab.l, c.lab.a, c.lab.b], spectrum: c.spectrum });
export const offeredSwatch = (c: Pick<Candidate, 'deckColourId'>, strength: number, lab: Candidate['lab']): Swatch => ({
  id: `${c.deckColourId}@${strength}`,
  lab: [lab.l, lab.a, lab.b],
});

/** Swatches of what a colour may be held against. */
export const PAPER_ID = 'paper';
export const OLD_WALL_ID = 'old-wall';

/** Everything of a room that is looked at: components of what stays, candidates, the strengths usually offered, paper and old wall. */
export function swatchesOf(room: Pick<Room, 'stays' | 'candidates' | 'oldWall'>): Swatch[] {
  const components = room.stays.flatMap((s) => s.components.map((c) => colourSwatch(c.id, c.colour)));
  const candidates = room.candidates.map(candidateSwatch);
  const offered = room.candidates.flatMap((c) => c.offered.map((o) => offeredSwatch(c, o.strength, o.lab)));
  const grounds = [
    { id: PAPER_ID, lab: [PAPERS.plain.lab.l, PAPERS.plain.lab.a, PAPERS.plain.lab.b] as const },
    ...(room.oldWall ? [colourSwatch(OLD_WALL_ID, room.oldWall)] : []),
  ];
  const seen = new Set<string>();
  return [...components, ...candidates, ...offered, ...grounds].filter((s) => !seen.has(s.id) && seen.add(s.id));
}

/** Which light looks are computed in. */
export function useLookIn(room: Room, scale: number): LookIn {
  const position = usePosition(room);
  const lampsOn = useMomentPart((m) => m.lampsOn);
  return useMemo(() => ({ position, lampsOn, scale }), [position, lampsOn, scale]);
}

/** Looks of all swatches of a room through the day, by id. */
export function useRoomBands(roomId: string) {
  const room = useRoom(roomId);
  const { stays, candidates, oldWall } = room;
  const { request } = useDayRequest(roomId);
  const lookIn = useLookIn(room, useScale(roomId));
  const swatches = useMemo(() => swatchesOf({ stays, candidates, oldWall }), [stays, candidates, oldWall]);
  // the paper alone is nothing to look at
  return useBands(swatches.length > 1 ? { day: request, swatches, lookIn } : undefined);
}

/**
 * Colours that are not in the room, as they look there at the cursor, in their order; undefined as long as they are shown as in the deck, or
 * not computed. `name` stands for the colours.
 */
export function useLooksAtCursor(roomId: string, name: string, labs: readonly LabTriple[]): readonly string[] | undefined {
  const room = useRoom(roomId);
  const { request } = useDayRequest(roomId);
  const lookIn = useLookIn(room, useScale(roomId));
  const moments = latest(useRoomDay(roomId));
  const shown = useMomentPart((m) => m.shown);
  const moment = useDeferredValue(useMomentPart((m) => (moments ? momentIndex(moments, m.at) : 0)));
  const asked = shown === 'in-light' && moments && labs.length > 0 ? { day: request, moment, labs, lookIn } : undefined;
  const answer = useDeferredValue(latest(useHexes(name, asked)));
  return asked && answer?.name === name ? answer.hexes : undefined;
}

/** The correction by the light meter that is in force in a room; 1 without. */
export const useScale = (roomId: string): number => lightScale(useRoom(roomId));
