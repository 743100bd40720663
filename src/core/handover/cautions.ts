import { leadYearOf } from '../units/habits';
import { leadRisk } from '@/core/derived/house-age';
import type { DecidedRoom } from '@/core/derived/decided';
import type { Room } from '@/core/record/room';
import { upperFirst } from '../base/words';
import type { Visit } from '@/core/record/visit';

/** What can hurt someone, said where the work meets it. Common practice and the usual warnings, no source; local codes come first. */
export type Caution = { readonly id: string; readonly title: string; readonly words: string };

/** Height above which nobody reaches from the floor, and from which a room is high, metres. Common practice, no source. */
const REACH_M = 2;
const HIGH_M = 3;

const LOCAL = 'Local rules apply.';
/** "1978 here", "by local rules": when lead was banned from house paint, as far as it is known for the place. */
function sayBan(timeZone: string): string {
  const year = leadYearOf(timeZone);
  return year === null
    ? 'when lead was banned from house paint is for local rules to say'
    : `lead was banned from house paint here in ${year}`;
}
const LEAD: Readonly<Record<'likely' | 'possible', string>> = {
  likely: `The house was built before lead was banned from paint. No dry sanding or scraping of old coatings before a test by a certified person. ${LOCAL}`,
  possible: `Old paint here may hold lead. No dry sanding or scraping of old coatings before a test by a certified person. ${LOCAL}`,
};

/** Lead in old coatings; undefined for a house that is young enough. */
export function leadCaution({ builtYear, place }: Pick<Visit, 'builtYear' | 'place'>): Caution | undefined {
  const risk = leadRisk(builtYear, place.timeZone);
  if (risk === 'none') return undefined;
  const ban = sayBan(place.timeZone);
  const words =
    builtYear === null
      ? `The year of the house is not known; ${ban}. ${LEAD.possible}`
      : risk === 'likely'
        ? LEAD.likely
        : `${upperFirst(ban)}. ${LEAD.possible}`;
  return { id: 'lead', title: 'Before sanding or scraping', words };
}

function ladderCaution({ heightM }: Pick<Room, 'heightM'>, ceiling: boolean): Caution | undefined {
  const high = heightM !== null && heightM >= HIGH_M;
  if (!ceiling && heightM !== null && heightM <= REACH_M) return undefined;
  const words = high
    ? `The room is ${heightM.toFixed(1)} m high: a tower or platform put up by trained people, not a ladder on furniture.`
    : `Work above ${REACH_M} m: proper access equipment on level ground, and someone trained to use it.`;
  return { id: 'ladder', title: high ? 'High ceiling' : 'Ladders', words };
}

const DAMP_ROOMS: ReadonlySet<Room['kind']> = new Set(['bath', 'kitchen']);

type Worked = Pick<Room, 'heightM' | 'kind' | 'lamps'>;
/** What to be careful of where a room is painted as decided; nothing where nothing is painted. */
export function cautionsFor(
  visit: Pick<Visit, 'builtYear' | 'place'>,
  room: Worked,
  { painted }: Pick<DecidedRoom, 'painted'>,
): Caution[] {
  if (painted.length === 0) return [];
  const on = (kind: string) => painted.some((p) => p.surface.kind === kind);
  const found: (Caution | undefined)[] = [
    leadCaution(visit),
    on('wall') || on('ceiling') ? ladderCaution(room, on('ceiling')) : undefined,
    {
      id: 'air',
      title: 'Air',
      words: 'Open windows while it is painted and dries, and follow the product’s safety data sheet for solvents and VOC.',
    },
    DAMP_ROOMS.has(room.kind)
      ? {
          id: 'damp',
          title: 'Damp',
          words: 'No paint over damp, mould or an active leak: the cause first, then time to dry.',
        }
      : undefined,
    room.lamps.length > 0 && (on('ceiling') || on('wall'))
      ? {
          id: 'lamps',
          title: 'Lamps and fittings',
          words: 'Switch off and let cool before masking or taking down; wiring is for a licensed electrician.',
        }
      : undefined,
    on('outside')
      ? {
          id: 'codes',
          title: 'Codes',
          words:
            'Fire rating and slip resistance of a finish are not a matter of colour: local codes and licensed trades decide.',
        }
      : undefined,
  ];
  return found.filter((c) => c !== undefined);
}

/** The same words once, from all rooms of a visit, in their order. */
export function mergedCautions(all: readonly (readonly Caution[])[]): Caution[] {
  const found = new Map<string, Caution>();
  for (const caution of all.flat()) if (!found.has(caution.words)) found.set(caution.words, caution);
  return [...found.values()];
}
