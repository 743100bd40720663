import { screenColour } from '../colour/srgb';
import { habitsOf, type Habits } from '../units/habits';
import { decidedRoom } from './decided';
import { objections } from './signed';
import { roomBegun, roomRecord } from './room-record';
import type { RoomInLight, VisitInLight } from './kinds-of-light';
import { dayOfVisit, type Shelf, type Visit } from '@/core/record/visit';

/** How far a room is, from its papers back to nothing at all. */
export const ROOM_STATES = ['signed', 'decided', 'part-signed', 'settled', 'being-tried', 'begun', 'nothing'] as const;
export type RoomState = (typeof ROOM_STATES)[number];

/** A room as it is recognised from afar: by the colours that work there, else by those that are tried. */
export type HomeRoom = {
  readonly id: string;
  readonly name: string;
  readonly state: RoomState;
  /** sRGB of what works there; while nothing does, of what is tried. */
  readonly colours: readonly { readonly hex: string; readonly name: string; readonly works: boolean; readonly partly: boolean }[];
};
/** A visit as it stands in the list of all. */
export type Home = {
  readonly id: string;
  readonly label: string;
  /** Whom it is for; empty where nobody said. */
  readonly clientName: string;
  readonly placeName: string;
  /** How its visit speaks. */
  readonly habits: Habits;
  /** The day of the visit in the home's own calendar. */
  readonly day: string;
  readonly shelf: Shelf;
  /** False while its rooms and looks have not been read yet: there are none then. */
  readonly read: boolean;
  readonly rooms: readonly HomeRoom[];
  /** Looks that are kept and still to be taken, and the earliest day one of them is meant for. */
  readonly looksToGo: number;
  readonly nextLook: string | null;
};

/** Colours shown of a room. Own choice: more of them are recognised no better. */
const MOST_COLOURS = 4;

/** Signed is what stands as it was signed: a change, or a “no” since then, opens it again. */
function stateOf(room: RoomInLight, tried: 'settled' | 'being-tried' | 'nothing-recorded'): RoomState {
  const decided = decidedRoom(room);
  const stands = decided.signature !== undefined && !decided.changed && objections(room).length === 0;
  const whole = decided.surfaces.length > 0 && decided.open.length === 0;
  if (whole) return stands ? 'signed' : 'decided';
  if (stands) return 'part-signed';
  if (tried !== 'nothing-recorded') return tried;
  return roomBegun(room) ? 'begun' : 'nothing';
}

function homeRoom(room: RoomInLight): HomeRoom {
  const { rows, progress } = roomRecord(room);
  const works = rows.filter((r) => r.ruling === 'works');
  const shown = works.length > 0 ? works : rows.filter((r) => r.ruling !== 'not');
  return {
    id: room.id,
    name: room.name,
    state: stateOf(room, progress.state),
    colours: shown.slice(0, MOST_COLOURS).map(({ candidate: c, ruling, coverage }) => ({
      hex: screenColour(c.lab).hex,
      name: `${c.name} ${c.strength} %`,
      works: ruling === 'works',
      partly: ruling === 'works' && coverage.notSeenIn.length > 0,
    })),
  };
}

/** Looks of a visit that are still to be taken. */
function looksOf({ rooms }: VisitInLight): Pick<Home, 'looksToGo' | 'nextLook'> {
  const open = rooms.flatMap((r) => r.looks.filter((l) => l.state === 'planned'));
  const dates = open.flatMap((l) => l.date ?? []).sort();
  return { looksToGo: open.length, nextLook: dates[0] ?? null };
}

/** A visit as it stands in the list before its rooms have been read. */
export const unreadHome = (
  visit: Pick<Visit, 'id' | 'label' | 'people' | 'place' | 'units' | 'habits' | 'visitedOn' | 'createdAt' | 'shelf'>,
): Home => ({
  id: visit.id,
  label: visit.label,
  clientName: visit.people.clientName,
  placeName: visit.place.name,
  habits: habitsOf(visit),
  day: dayOfVisit(visit),
  shelf: visit.shelf,
  read: false,
  rooms: [],
  looksToGo: 0,
  nextLook: null,
});

/** A visit as it stands in the list of all. */
export const homeOf = (visit: VisitInLight): Home => ({
  ...unreadHome(visit),
  read: true,
  rooms: visit.rooms.map(homeRoom),
  ...looksOf(visit),
});

/** "3 looks to go, the next on 25 October", "1 look to go"; "" when none is kept. */
export function sayLooks(
  { looksToGo, nextLook }: Pick<Home, 'looksToGo' | 'nextLook'>,
  sayDay: (date: string) => string,
): string {
  if (looksToGo === 0) return '';
  const count = looksToGo === 1 ? '1 look to go' : `${looksToGo} looks to go`;
  return nextLook ? `${count}, ${looksToGo === 1 ? '' : 'the next '}on ${sayDay(nextLook)}` : count;
}

/** What works only as far as it was seen: colours not seen in every light of their room. */
export const partlySeen = ({ rooms }: Home): number =>
  rooms.reduce((sum, room) => sum + room.colours.filter((c) => c.partly).length, 0);

export const STATE_WORDS: Readonly<Record<RoomState, string>> = {
  signed: 'signed',
  decided: 'decided, not signed',
  'part-signed': 'signed in part',
  settled: 'settled',
  'being-tried': 'being tried',
  begun: 'begun',
  nothing: 'not begun',
};

/** What a list of visits is ordered by. */
export const HOME_ORDERS = ['newest', 'next', 'name', 'client'] as const;
export type HomeOrder = (typeof HOME_ORDERS)[number];

const KEYS: Readonly<Record<Exclude<HomeOrder, 'newest'>, (home: Home) => string>> = {
  next: (home) => home.nextLook ?? '',
  name: (home) => home.label,
  client: (home) => home.clientName,
};

/** Visits in an order: the newest first, by the day something is to be done next, by name, by client; those without it last. */
export function inOrder(homes: readonly Home[], order: HomeOrder): readonly Home[] {
  if (order === 'newest') return [...homes].sort((p, q) => q.day.localeCompare(p.day));
  const key = KEYS[order];
  return [...homes].sort((p, q) => {
    const [a, b] = [key(p), key(q)];
    return a === '' || b === '' ? Number(a === '') - Number(b === '') : a.localeCompare(b, 'en', { numeric: true });
  });
}

/** What is asked of a visit in the list. */
export const HOME_KINDS = ['all', 'open', 'looks', 'signed'] as const;
export type HomeKind = (typeof HOME_KINDS)[number];
export const isOfKind = ({ rooms, looksToGo }: Home, kind: HomeKind): boolean => {
  const signed = rooms.every((r) => r.state === 'signed');
  return { all: true, looks: looksToGo > 0, signed, open: !signed }[kind];
};

/** "4 rooms: 1 signed, 2 being tried". */
export function sayHome({ rooms, read }: Home): string {
  if (!read) return 'being read…';
  const count = (state: HomeRoom['state']) => rooms.filter((r) => r.state === state).length;
  const all = rooms.length === 1 ? '1 room' : `${rooms.length} rooms`;
  const told = (['signed', 'decided', 'part-signed', 'settled', 'being-tried'] as const).filter((state) => count(state) > 0);
  if (told.length === 1 && count(told[0]!) === rooms.length) return `${all}, ${STATE_WORDS[told[0]!]}`;
  const said = told.map((state) => `${count(state)} ${STATE_WORDS[state]}`);
  return said.length > 0 ? `${all}: ${said.join(', ')}` : `${all}, nothing tried yet`;
}
