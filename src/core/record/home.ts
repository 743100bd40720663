import { screenColour } from '../colour/srgb';
import { roomBegun, roomRecord } from './room-record';
import type { RoomInLight, VisitInLight } from './kinds-of-light';
import { dayOfVisit, type Shelf } from './visit';

/** A room as it is recognised from afar: by the colours that work there, else by those that are tried. */
export type HomeRoom = {
  readonly id: string;
  readonly name: string;
  readonly state: 'settled' | 'being-tried' | 'begun' | 'nothing';
  /** sRGB of what works there; while nothing does, of what is tried. */
  readonly colours: readonly { readonly hex: string; readonly name: string; readonly works: boolean; readonly partly: boolean }[];
};
/** A visit as it stands in the list of all. */
export type Home = {
  readonly id: string;
  readonly label: string;
  readonly placeName: string;
  /** The day of the visit in the home's own calendar. */
  readonly day: string;
  readonly shelf: Shelf;
  readonly rooms: readonly HomeRoom[];
  /** Looks that are kept and still to be taken, and the earliest day one of them is meant for. */
  readonly looksToGo: number;
  readonly nextLook: string | null;
};

/** Colours shown of a room. Own choice: more of them are recognised no better. */
const MOST_COLOURS = 4;

function homeRoom(room: RoomInLight): HomeRoom {
  const { rows, progress } = roomRecord(room);
  const works = rows.filter((r) => r.ruling === 'works');
  const shown = works.length > 0 ? works : rows.filter((r) => r.ruling !== 'not');
  const state =
    progress.state === 'settled'
      ? 'settled'
      : progress.state === 'being-tried'
        ? 'being-tried'
        : roomBegun(room)
          ? 'begun'
          : 'nothing';
  return {
    id: room.id,
    name: room.name,
    state,
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

/** A visit as it stands in the list of all. */
export const homeOf = (visit: VisitInLight): Home => ({
  id: visit.id,
  label: visit.label,
  placeName: visit.place.name,
  day: dayOfVisit(visit),
  shelf: visit.shelf,
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

/** "1 of 4 rooms settled, 2 being tried". */
export function sayHome({ rooms }: Home): string {
  const count = (state: HomeRoom['state']) => rooms.filter((r) => r.state === state).length;
  const settled = count('settled');
  const tried = count('being-tried');
  const all = rooms.length === 1 ? '1 room' : `${rooms.length} rooms`;
  if (settled === rooms.length) return `${all}, settled`;
  const said = [settled > 0 && `${settled} settled`, tried > 0 && `${tried} being tried`].filter(Boolean);
  return said.length > 0 ? `${all}: ${said.join(', ')}` : `${all}, nothing tried yet`;
}
