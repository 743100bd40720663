import { screenColour } from '../colour/srgb';
import { sayCardWhen } from '../plan/say-look';
import type { Look } from '@/core/record/look';
import type { RoomInLight, VisitInLight } from '@/core/derived/kinds-of-light';
import { roomRecord } from '@/core/derived/room-record';
import { wallName, type Wall } from '../room/facing';
import { wallOfPosition } from '../room/wall-position';
import { listed } from '../base/words';

/** A colour on a card: what it is called, and roughly what it looks like on a screen or in print. */
export type CardColour = {
  readonly id: string;
  readonly name: string;
  /** "Ferrowmere FR 3123, 75 % strength": maker, code and strength, nothing of how it is mixed. */
  readonly says: string;
  readonly hex: string;
};

/** A look as the client is told of it. */
export type LookCard = {
  readonly lookId: string;
  readonly number: number;
  readonly room: string;
  /** "between 09:00 and 12:00, under a clear sky". */
  readonly when: string;
  /** The day it is meant for, in the home's calendar. */
  readonly date: string | null;
  /** "25 October", of that day. */
  readonly day: string | null;
  readonly fromHour: number | null;
  readonly toHour: number | null;
  /** "the east wall, then the north wall". */
  readonly where: string;
  /** Beside what it is to be held. */
  readonly beside: string;
  /** What is to be compared, without what is predicted of it: the client's eye is not led. */
  readonly compares: string;
  /** Of which a painted board is there. */
  readonly colours: readonly CardColour[];
  /** Names of those that are asked about too, once their board is painted. */
  readonly paintFirst: readonly string[];
};

const days = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', timeZone: 'UTC' });
/** A wall by what a person sees there: a window, a door, how it lies to the window; its bearing where nothing else tells. */
function seenWall(room: RoomInLight, wall: Wall): string {
  const { bearingDeg, windows, paintwork } = room;
  const { doors } = paintwork;
  const withWindow = new Set(windows.map((w) => w.wall));
  if (withWindow.size === 1 && withWindow.has(wall)) return `the wall with the ${windows.length === 1 ? 'window' : 'windows'}`;
  const here = doors.filter((d) => d.wall === wall);
  if (here.length === 1 && doors.length === 1)
    return `the wall with the door${here[0]!.leadsTo ? ` to ${here[0]!.leadsTo}` : ''}`;
  if (withWindow.size === 1 && !room.shape) return `the ${wallName({ ...room, bearingDeg: null }, wall)}, as you face it`;
  const name = wallName(room, wall);
  const lit = withWindow.has(wall) && bearingDeg !== null ? ', with a window' : '';
  return `the ${name}${lit}`;
}

function sayWhere({ walls }: Look, room: RoomInLight): string {
  const named = walls.map((position) => {
    if (position === 'by-window') return 'by the window';
    if (position === 'under-lamp') return 'under the lamp';
    return seenWall(room, wallOfPosition(position) ?? 0);
  });
  return named.join(', then ');
}

/** Things named on a card beside which a board is held: the fixed ones first. */
const MOST_BESIDE = 3;
const sayBeside = ({ stays }: RoomInLight): string =>
  listed(
    [...stays]
      .sort((p, q) => Number(q.kind === 'fixed') - Number(p.kind === 'fixed'))
      .slice(0, MOST_BESIDE)
      .map((s) => s.name),
  );

/** A look as a card; its colours are those of the look, or every one of the room that was not ruled out. */
export function lookCard(room: RoomInLight, look: Look): LookCard {
  const { rows } = roomRecord(room);
  const asked = rows.filter(({ candidate, ruling }) =>
    look.candidateIds.length > 0 ? look.candidateIds.includes(candidate.id) : ruling !== 'not',
  );
  const painted = new Set(room.samples.filter((s) => s.paintedAt !== null).map((s) => s.candidateId));
  const named = asked.map(({ candidate: c }) => ({
    id: c.id,
    name: `${c.name} ${c.strength} %`,
    says: `${c.maker} ${c.code}, ${c.strength} % strength`,
    hex: screenColour(c.lab).hex,
  }));
  return {
    lookId: look.id,
    number: look.number,
    room: room.name,
    when: sayCardWhen(look),
    date: look.date,
    day: look.date && days.format(new Date(`${look.date}T12:00Z`)),
    fromHour: look.fromHour,
    toHour: look.toHour,
    where: sayWhere(look, room),
    beside: sayBeside(room),
    compares: look.decides.includes(':') ? look.decides.split(':')[0]! : '',
    colours: named.filter((c) => painted.has(c.id)),
    paintFirst: named.filter((c) => !painted.has(c.id)).map((c) => c.name),
  };
}

/** Cards of the looks of a hand-out that are still in the visit, by their numbers. */
export const cardsOf = (visit: VisitInLight, lookIds: readonly string[]): LookCard[] =>
  visit.rooms
    .flatMap((room) => room.looks.filter((l) => lookIds.includes(l.id)).map((look) => lookCard(room, look)))
    .filter((card) => card.colours.length + card.paintFirst.length > 0)
    .sort((p, q) => p.number - q.number);
