import { clearDayKinds, inDayOrder, kindAt } from '../light/day-kinds';
import { instantOf } from '../light/day-moments';
import type { SunRoom } from '../light/sun-side';
import { judgingLightOfLook, type LookLight } from '../plan/look-light';
import type { JudgingLight } from '../room/facing';
import { asMixed } from './as-mixed';
import { outlineOf } from './describe-room';
import { keptLightOf } from './judging-light';
import type { Look } from '@/core/record/look';
import type { Room, RoomItself } from '@/core/record/room';
import { isLookedAt } from '@/core/record/seen';
import type { VerdictEvent } from '@/core/record/verdict';
import { dayOfVisit, type Visit, type VisitPlace } from '@/core/record/visit';

/** The kinds of light of a room, and what its looks are looks in. */
export type InLight = {
  /** Those it has on the day of the visit in its hours of use, and any in which something was looked at; in the order of a day. */
  readonly kinds: readonly JudgingLight[];
  /** By the look's id, taken out or not. */
  readonly ofLook: ReadonlyMap<string, JudgingLight>;
};

/** A room whose judgements are placed in the kinds of its light: by their moment and where the sun comes in then. */
export type RoomInLight = Room & { readonly inLight: InLight };
/** A visit as it is shown and told: see {@link asSeen}. */
export type VisitInLight = Omit<Visit, 'rooms'> & { readonly rooms: readonly RoomInLight[] };

/** Where a room's sun comes from; undefined of a room of which no window, or not where it faces, is known. */
export type RoomSun = { readonly room: SunRoom; readonly place: VisitPlace; readonly date: string };

/** What decides where the sun comes into a room. */
type Placed = Pick<Visit, 'place' | 'visitedOn' | 'createdAt'>;
export function sunOf(room: RoomItself, visit: Placed): RoomSun | undefined {
  const glazed = room.windows.length + (room.shape?.roofWindows.length ?? 0) > 0;
  if (!room.borrows && (room.bearingDeg === null || !glazed)) return undefined;
  return { room: outlineOf(room), place: visit.place, date: dayOfVisit(visit) };
}

type Judged = Pick<VerdictEvent, 'light' | 'moment' | 'at'>;

/** The kind of light a moment of the cursor is of; undefined in the dark. */
export function kindOfMoment(moment: NonNullable<Judged['moment']>, sun: RoomSun | undefined): JudgingLight | undefined {
  const kept = keptLightOf(moment);
  return kept && sun ? kindAt(sun.room, sun.place, { ...moment, at: Date.parse(moment.at) }) : kept;
}

/** The kind of light something was judged in: by its moment; of before that was kept, or in the dark, as it was said, and by its clock. */
function kindOf({ light, moment, at }: Judged, sun: RoomSun | undefined): JudgingLight {
  const found = moment && kindOfMoment(moment, sun);
  if (found) return found;
  if (!sun || light !== 'window-day') return light;
  return kindAt(sun.room, sun.place, { at: Date.parse(at), sky: 'clear', lampsOn: false });
}

/** The kind of light a look is taken in: that of the middle of its hours. */
export function kindOfLook(look: Pick<Look, 'light' | 'fromHour' | 'toHour' | 'date'>, sun: RoomSun | undefined): JudgingLight {
  const { light, fromHour, toHour } = look;
  if (!sun || fromHour === null || toHour === null || !isSunny(light)) return judgingLightOfLook(light);
  const at = instantOf(look.date ?? sun.date, sun.place.timeZone, (fromHour + toHour) / 2);
  return kindAt(sun.room, sun.place, { at, sky: light, lampsOn: false });
}
const isSunny = (light: LookLight): light is 'clear' | 'broken' => light === 'clear' || light === 'broken';

/** What a room of which nothing is recorded may be judged in. */
const ANY: readonly JudgingLight[] = ['window-day', 'overcast', 'lamps'];

/** The lights a room has of its own. */
function ownKinds({ windows, lamps, bearingDeg, use }: Room, sun: RoomSun | undefined): readonly JudgingLight[] {
  if (windows.length + lamps.length === 0 && bearingDeg === null) return ANY;
  const after: JudgingLight[] = lamps.length > 0 ? ['lamps'] : [];
  if (windows.length === 0) return after;
  if (!sun) return ['window-day', 'overcast', ...after];
  const { room, place, date } = sun;
  const byDay = [...clearDayKinds(room, { date, zone: place.timeZone, place }, use).keys()];
  return [...byDay, ...(byDay.length > 0 ? (['overcast'] as const) : []), ...after];
}

const moved = <T extends Judged>(said: readonly T[], sun: RoomSun | undefined): readonly T[] =>
  said.map((one) => {
    const light = kindOf(one, sun);
    return light === one.light ? one : { ...one, light };
  });

/**
 * A room with its judgements placed. Lamps by day lie between two lights that are looked in anyway: they are one of the room's where
 * something was looked at in them or a look is planned.
 */
export function roomInLight(room: Room, sun: RoomSun | undefined): RoomInLight {
  const verdicts = moved(room.verdicts, sun);
  const looks = [...room.looks, ...room.retired.looks];
  const ofLook = new Map(looks.map((look) => [look.id, kindOfLook(look, sun)]));
  const kinds = inDayOrder([
    ...ownKinds(room, sun),
    ...verdicts.filter((v) => !v.undone && isLookedAt(v)).map((v) => v.light),
    ...room.looks.filter((l) => l.state === 'planned' && l.light === 'both').map(() => 'lamps-by-day' as const),
  ]);
  return { ...room, verdicts, intensities: moved(room.intensities, sun), inLight: { kinds, ofLook } };
}

const rooms = new WeakMap<Room, { readonly of: string; readonly made: RoomInLight }>();
const visits = new WeakMap<Visit, VisitInLight>();

function roomSeen(room: Room, visit: Visit): RoomInLight {
  const of = JSON.stringify([visit.place, dayOfVisit(visit)]);
  const known = rooms.get(room);
  if (known?.of === of) return known.made;
  const made = roomInLight(room, sunOf(room, visit));
  rooms.set(room, { of, made });
  return made;
}

/**
 * A visit as it is shown and told, on the page and on papers: with the colours that were really mixed, and everything that was judged in
 * the kinds of light its rooms have. The same visit gives the same answer, and a room that was not changed the same room.
 */
export function asSeen(visit: Visit): VisitInLight {
  const known = visits.get(visit);
  if (known) return known;
  const mixed = asMixed(visit);
  const made = { ...mixed, rooms: mixed.rooms.map((room) => roomSeen(room, visit)) };
  visits.set(visit, made);
  return made;
}
