import { wallClock } from '../light/time-zone';
import { SOLD_IN } from '../paint/cans';
import type { Container } from '../paint/containers';
import { signedRoom } from '../record/decided';
import { dayOfVisit } from '../record/visit';
import type { VisitInLight } from '../record/kinds-of-light';
import { mergedCautions, type Caution } from './cautions';
import { draftOf } from './not-settled';
import { orderLine, type OrderLine } from './order';
import { paintList } from './paint-list';
import type { FactsOf } from './paper-colour';
import { roomPaper, type RoomPaper } from './schedule';
import { sayDay } from './words';

/** The three papers of a visit, as data; renderers come after. */
export const PAPERS = ['client', 'schedule', 'order'] as const;
export type PaperName = (typeof PAPERS)[number];
export const PAPER_TITLES: Readonly<Record<PaperName, string>> = {
  client: 'Your colours',
  schedule: 'Painter’s schedule',
  order: 'Order for the counter',
};

export type HandOver = {
  readonly visit: {
    readonly label: string;
    readonly place: string;
    readonly day: string;
    readonly decides: string;
    readonly painter: string;
    readonly house: string;
    readonly counter: string;
    /** Signings of all rooms together: a paper of another number is another paper. */
    readonly revision: number;
    readonly printed: string;
  };
  readonly rooms: readonly RoomPaper[];
  /** Names of rooms in which nothing is decided. */
  readonly roomsLeft: readonly string[];
  readonly order: readonly OrderLine[];
  /** What the counter has to know before it mixes: changes since signing, what was said against, room by room. */
  readonly beforeOrder: readonly string[];
  readonly cautions: readonly Caution[];
};

/** What the papers of a visit ask the deck: every paint that is signed or decided, with the containers it is sold in. */
export function paintsOnPaper(visit: VisitInLight) {
  const containers = SOLD_IN[visit.units];
  const found = new Map<string, { deckColourId: string; strength: number; under: null; containers: Container[] }>();
  for (const room of visit.rooms)
    for (const { candidate } of signedRoom(room).painted)
      if (candidate) {
        const { deckColourId, strength } = candidate;
        found.set(`${deckColourId} ${strength}`, { deckColourId, strength, under: null, containers: [...containers] });
      }
  return [...found.values()];
}

/**
 * The papers of a visit: what was signed, room by room, what is to be bought, and what to be careful of. Rooms in which nothing is decided
 * are named and left out.
 *
 * @param printedAt instant
 */
export function handOver(visit: VisitInLight, factsOf: FactsOf, printedAt: number): HandOver {
  const { units, supply } = visit;
  const rooms = visit.rooms.map((room) => ({ room, decided: signedRoom(room) }));
  const begun = rooms.filter(({ decided }) => decided.open.length < decided.surfaces.length);
  const lines = paintList(
    begun.map(({ room, decided }) => ({ room, decided, draftOf: draftOf(room, decided) })),
    supply,
    units,
  );
  const papers = begun.map(({ room, decided }) => roomPaper(visit, room, decided, { units, factsOf, lines }));
  return {
    visit: {
      label: visit.label,
      place: visit.place.name,
      day: sayDay(dayOfVisit(visit)),
      decides: visit.decides,
      painter: visit.painter,
      house: visit.builtYear === null ? 'Year of the house not known' : `House built ${visit.builtYear}`,
      counter: supply.counter,
      revision: rooms.reduce((sum, { decided }) => sum + decided.revision, 0),
      printed: sayDay(wallClock(printedAt, visit.place.timeZone).date),
    },
    rooms: papers,
    roomsLeft: rooms.filter((r) => !begun.includes(r)).map((r) => r.room.name),
    order: lines.map((line, k) => orderLine(line, k, { units, factsOf })),
    beforeOrder: papers.flatMap((p) => [p.changed, ...p.objections].filter(Boolean).map((says) => `${p.room}: ${says}`)),
    cautions: mergedCautions(papers.map((p) => p.cautions)),
  };
}
