import { stillsOnPaper, type StillOnPaper } from './client-sheet';
import { habitsOf } from '../units/habits';
import type { Lab } from '../colour/types';
import { wallClock } from '../light/time-zone';
import { SOLD_IN } from '../paint/cans';
import type { Container } from '../paint/containers';
import type { ConsultantCard } from '@/core/record/consultant-card';
import { signedRoom } from '@/core/derived/decided';
import { underNow } from '@/core/derived/under-now';
import { dayOfVisit } from '@/core/record/visit';
import type { VisitInLight } from '@/core/derived/kinds-of-light';
import type { People } from '@/core/record/people';
import { mergedCautions, type Caution } from './cautions';
import { housePaper, type HousePaper } from './house-paper';
import { draftOf } from './not-settled';
import { orderLine, type OrderLine } from './order';
import { paintList } from './paint-list';
import type { FactsOf } from './paper-colour';
import { roomPaper, type RoomPaper } from './schedule';
import { sayDay } from './words';

/** The papers of a visit, as data; renderers come after. */
export const HANDED_PAPERS = ['client', 'schedule', 'order', 'board'] as const;
export type PaperName = (typeof HANDED_PAPERS)[number];
export const PAPER_TITLES: Readonly<Record<PaperName, string>> = {
  client: 'Your colours',
  schedule: 'Painter’s schedule',
  order: 'Order for the counter',
  board: 'Board of each room',
};

/** Who hands the papers over, and whom they are about; empty what was not said. */
export type OnPapers = {
  readonly from: ConsultantCard;
  readonly client: Pick<People, 'clientName' | 'clientAddress' | 'clientTelephone' | 'clientEmail'>;
  /** The client as the painter is told: address and telephone, or nothing. */
  readonly forPainter: { readonly name: string; readonly address: string; readonly telephone: string };
};

export type HandOver = OnPapers & {
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
  /** Pictures of those of them that were computed, for the client. */
  readonly stillsLeft: readonly { readonly room: string; readonly stills: readonly StillOnPaper[] }[];
  readonly order: readonly OrderLine[];
  /** What the counter has to know before it mixes: changes since signing, what was said against, room by room. */
  readonly beforeOrder: readonly string[];
  readonly cautions: readonly Caution[];
  /** The house as one; null where fewer than two rooms are decided. */
  readonly house: HousePaper | null;
};

/** What the papers of a visit ask the deck: every paint that is signed or decided, with the containers it is sold in. */
export function paintsOnPaper(visit: VisitInLight) {
  const containers = SOLD_IN[visit.units];
  const found = new Map<
    string,
    { deckColourId: string; strength: number; under: Lab | null; containers: Container[]; copies: true }
  >();
  for (const room of visit.rooms)
    for (const { candidate, surface } of signedRoom(room).painted)
      if (candidate) {
        const { deckColourId, strength } = candidate;
        const under = underNow(room, surface.kind);
        found.set(JSON.stringify([deckColourId, strength, under]), {
          deckColourId,
          strength,
          under,
          containers: [...containers],
          copies: true,
        });
      }
  return [...found.values()];
}

type Known = { readonly factsOf: FactsOf; readonly card: ConsultantCard };

/** "For Merrin Quayle, 14 Quay Row, Bristol. "; "" where nothing is said of the client. */
export function sayForWhom({ client: { clientName, clientAddress } }: Pick<OnPapers, 'client'>): string {
  const said = [clientName, clientAddress.replace(/\s*\n\s*/g, ', ')].filter(Boolean).join(', ');
  return said === '' ? '' : `For ${said}. `;
}

function onPapers(people: People, from: ConsultantCard): OnPapers {
  const { clientName, clientAddress, clientTelephone, clientEmail, clientToPainter } = people;
  const nothing = { name: '', address: '', telephone: '' };
  return {
    from,
    client: { clientName, clientAddress, clientTelephone, clientEmail },
    forPainter: clientToPainter ? { name: clientName, address: clientAddress, telephone: clientTelephone } : nothing,
  };
}

/**
 * The papers of a visit: what was signed, room by room, what is to be bought, and what to be careful of. Rooms in which nothing is decided
 * are named and left out.
 *
 * @param card of whoever hands them over; @param printedAt instant
 */
export function handOver(visit: VisitInLight, { factsOf, card }: Known, printedAt: number): HandOver {
  const { units, supply, people } = visit;
  const rooms = visit.rooms.map((room) => ({ room, decided: signedRoom(room) }));
  const begun = rooms.filter(({ decided }) => decided.open.length < decided.surfaces.length);
  const lines = paintList(
    begun.map(({ room, decided }) => ({ room, decided, draftOf: draftOf(room, decided) })),
    supply,
    units,
  );
  const papers = begun.map(({ room, decided }) => roomPaper(visit, room, decided, { units, factsOf, lines }));
  const left = rooms.filter((r) => !begun.includes(r)).map((r) => r.room);
  return {
    ...onPapers(people, card),
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
    roomsLeft: left.map((room) => room.name),
    stillsLeft: left.map((room) => ({ room: room.name, stills: stillsOnPaper(room) })).filter((r) => r.stills.length > 0),
    order: lines.map((line, k) => orderLine(line, k, { units, tint: habitsOf(visit).tint, factsOf, rooms: visit.rooms })),
    beforeOrder: papers.flatMap((p) => [p.changed, ...p.objections].filter(Boolean).map((says) => `${p.room}: ${says}`)),
    cautions: mergedCautions(papers.map((p) => p.cautions)),
    house: housePaper(visit.rooms),
  };
}
