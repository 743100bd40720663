import { wallClock } from '../light/time-zone';
import { potsFor, type Pot, type PotChoice } from '../plan/sample-pots';
import type { PotsKnown } from '../paint/paint-facts';
import { sayStrength } from '../paint/strength';
import type { Candidate } from '@/core/record/candidate';
import type { Room } from '@/core/record/room';
import { MOST_FINALISTS, type Sample, type SampleMethod } from '@/core/record/sample';
import type { Supply } from '@/core/record/supply';
import { dayOfVisit, type Visit } from '@/core/record/visit';
import { sayArea } from '../units/area';
import { CONTAINERS } from '../paint/containers';
import { sayMillilitres } from '../units/volume';
import { sayLength, type Units } from '../units/length';
import { sayDay } from './words';

/** Painted area of a sample, m²: its white border is left out. */
export const paintedArea = ({ widthM, heightM, borderM }: Pick<Sample, 'widthM' | 'heightM' | 'borderM'>): number =>
  Math.max(0, widthM - 2 * borderM) * Math.max(0, heightM - 2 * borderM);

/** A colour at a strength and all that is painted in it. */
export type SampleLine = {
  readonly key: string;
  readonly candidate: Candidate;
  readonly rooms: readonly string[];
  readonly areaM2: number;
  /** What would be covered in two coats, m². */
  readonly twoCoatsM2: number;
  readonly pots: PotChoice;
};
export type SampleList = {
  readonly lines: readonly SampleLine[];
  readonly boards: number;
  readonly cards: number;
  /** Of everything a price is known for. */
  readonly cost: number;
  /** What no price is known of. */
  readonly unpriced: readonly string[];
};

const JAR = sayMillilitres(CONTAINERS['sample-jar'].litres);
const PINT = sayMillilitres(CONTAINERS.pint.litres);
const POT_NAMES: Readonly<Record<Units, Readonly<Record<Pot, readonly [string, string]>>>> = {
  imperial: { 'sample-jar': ['jar of 4 fl oz', 'jars of 4 fl oz'], pint: ['test pot of a pint', 'test pots of a pint'] },
  // they are sold by their own measure all the same
  metric: {
    'sample-jar': [`jar of ${JAR} (4 fl oz)`, `jars of ${JAR} (4 fl oz)`],
    pint: [`test pot of ${PINT} (a US pint)`, `test pots of ${PINT} (a US pint)`],
  },
};
/**
 * "1 jar of 4 fl oz", "1 test pot of a pint and 1 jar of 4 fl oz"; in a metric visit by their millilitres, with their own measure beside.
 */
export const sayPots = ({ counts }: PotChoice, units: Units): string =>
  (['pint', 'sample-jar'] as const)
    .filter((p) => counts[p] > 0)
    .map((p) => `${counts[p]} ${POT_NAMES[units][p][counts[p] === 1 ? 0 : 1]}`)
    .join(' and ') || 'none';

const colourOf = (room: Room, sample: Sample): Candidate | undefined =>
  [...room.candidates, ...room.retired.candidates].find((c) => c.id === sample.candidateId);

const pricesOf = ({ samples: { pint, jar } }: Supply) => ({ pint, 'sample-jar': jar });
const coverageOf = ({ samples: { pintM2, jarM2 } }: Supply) => ({ pint: pintM2, 'sample-jar': jarM2 });

/** What is bought to paint an area in two coats, as far as its maker's pots are known: "2 of tester, 250 ml". */
export function sayPotsOf({ pots, twoCoatsM2 }: Pick<SampleLine, 'pots' | 'twoCoatsM2'>, known: PotsKnown, units: Units): string {
  if (known === 'usual') return sayPots(pots, units);
  if (known === 'unknown') return `enough for ${sayArea(twoCoatsM2, units)} in two coats`;
  return `${Math.ceil(twoCoatsM2 / known.coversM2 - 1e-9)} × ${known.called}`;
}

/** The pots one sample needs by itself. */
export const potsOf = (sample: Sample, supply: Supply): PotChoice =>
  potsFor(paintedArea(sample), sample.coats, coverageOf(supply), pricesOf(supply));

/**
 * What has to be bought for samples that are still to be painted: each colour once over all rooms, boards and cards, and what it costs;
 * `knownOf` a line's key says what is known of its maker's pots.
 */
export function sampleList(
  { rooms, supply }: Pick<Visit, 'rooms' | 'supply'>,
  knownOf: (key: string) => PotsKnown = () => 'usual',
): SampleList {
  const wanted = new Map<string, { candidate: Candidate; rooms: Set<string>; areaM2: number; coatsArea: number }>();
  const counts: Record<SampleMethod, number> = { board: 0, patch: 0, card: 0 };
  for (const room of rooms)
    for (const sample of room.samples) {
      const candidate = colourOf(room, sample);
      if (!candidate || sample.paintedAt !== null) continue;
      counts[sample.method] += 1;
      const key = `${candidate.deckColourId} ${candidate.strength}`;
      const line = wanted.get(key) ?? { candidate, rooms: new Set<string>(), areaM2: 0, coatsArea: 0 };
      line.rooms.add(room.name);
      line.areaM2 += paintedArea(sample);
      line.coatsArea += paintedArea(sample) * sample.coats;
      wanted.set(key, line);
    }
  const lines = [...wanted].map(([key, { candidate, rooms: names, areaM2, coatsArea }]): SampleLine => ({
    key,
    candidate,
    rooms: [...names],
    areaM2,
    twoCoatsM2: coatsArea / 2,
    pots: potsFor(coatsArea, 1, coverageOf(supply), pricesOf(supply)),
  }));
  const { board, card } = supply.samples;
  const pots = lines.reduce((sum, l) => sum + (knownOf(l.key) === 'usual' ? (l.pots.cost ?? 0) : 0), 0);
  const priced = (count: number, price: number | null) => count * (price ?? 0);
  return {
    lines,
    boards: counts.board,
    cards: counts.card,
    cost: pots + priced(counts.board, board) + priced(counts.card, card),
    unpriced: [
      ...(lines.some((l) => l.pots.cost === null || knownOf(l.key) !== 'usual') ? ['pots'] : []),
      ...(counts.board > 0 && board === null ? ['boards'] : []),
      ...(counts.card > 0 && card === null ? ['cards'] : []),
    ],
  };
}

const METHOD_NAMES: Readonly<Record<SampleMethod, string>> = {
  board: 'bordered board',
  patch: 'wall patch, edge to edge',
  card: 'taped card',
};
export const sayMethod = (method: SampleMethod): string => METHOD_NAMES[method];

/** Patches smaller than this are lost in the old wall, m². Common practice, no source. */
const SMALL_PATCH_M2 = 0.5;

/** What to be reminded of where it applies. */
export function sampleReminders(sample: Sample): string[] {
  const { coats, method, borderM } = sample;
  return [
    ...(coats < 2 ? ['Two coats: one is not the colour yet.'] : []),
    ...(method === 'patch' && paintedArea(sample) < SMALL_PATCH_M2
      ? ['A small spot in the middle of the old wall proves nothing: edge to edge, corner to corner, next to the trim.']
      : []),
    ...(method !== 'patch' && borderM === 0 ? ['Leave a white border: the old wall bends everything held against it.'] : []),
  ];
}
/** What holds of every pot. */
export const POT_REMINDERS = [
  'Test pots have one sheen, eggshell: the finish will look different toward the window.',
  'Not for touching up: the sheen of products differs and walls age. Repaint from corner to corner.',
  'Paint dries slightly darker: judge it when it is dry.',
  'Wet boards away from children, pets and heat.',
] as const;

/** Finalists of a room in paint, each colour at a strength once; more than three ask for a reason. */
export function finalistsOf({ samples }: Pick<Room, 'samples'>): { readonly count: number; readonly needsReason: boolean } {
  const count = new Set(samples.map((s) => s.candidateId)).size;
  return { count, needsReason: count > MOST_FINALISTS && !samples.some((s) => s.reason !== '') };
}

/** The back of a board, line by line; its QR code holds the same text. */
export type SampleLabel = { readonly id: string; readonly lines: readonly string[]; readonly text: string };

/** Labels for the back of every board, patch and card of a visit, room by room. */
export function sampleLabels(visit: Visit, roomId?: string): SampleLabel[] {
  const size = ({ widthM, heightM }: Sample, units: Units) => `${sayLength(widthM, units)} × ${sayLength(heightM, units)}`;
  return visit.rooms
    .filter((r) => roomId === undefined || r.id === roomId)
    .flatMap((room) =>
      room.samples.flatMap((sample): SampleLabel[] => {
        const c = colourOf(room, sample);
        if (!c) return [];
        const painted =
          sample.paintedAt === null
            ? 'to be painted'
            : `painted ${sayDay(wallClock(Date.parse(sample.paintedAt), visit.place.timeZone).date)}`;
        const lines = [
          `${visit.label} · ${sayDay(dayOfVisit(visit))}`,
          room.name,
          `${c.maker} ${c.code}`,
          c.name,
          sayStrength(c.strength),
          `${sayMethod(sample.method)}, ${size(sample, visit.units)}`,
          `${sample.coats} ${sample.coats === 1 ? 'coat' : 'coats'}, ${painted}`,
        ];
        return [{ id: sample.id, lines, text: lines.join('\n') }];
      }),
    );
}
