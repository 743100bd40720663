import { screenColour } from '../colour/srgb';
import { roomBegun, roomRecord } from './room-record';
import type { Room } from './room';
import { dayOfVisit, type Shelf, type Visit } from './visit';

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
};

/** Colours shown of a room. Own choice: more of them are recognised no better. */
const MOST_COLOURS = 4;

function homeRoom(room: Room): HomeRoom {
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

/** A visit as it stands in the list of all. */
export const homeOf = (visit: Visit): Home => ({
  id: visit.id,
  label: visit.label,
  placeName: visit.place.name,
  day: dayOfVisit(visit),
  shelf: visit.shelf,
  rooms: visit.rooms.map(homeRoom),
});

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
