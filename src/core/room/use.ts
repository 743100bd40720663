import { z } from 'zod';

/** When a room is used. */
export const ROOM_USES = ['morning', 'day', 'evening', 'morning-day', 'morning-evening', 'day-evening', 'all'] as const;
export type RoomUse = (typeof ROOM_USES)[number];
export const USE_WORDS: Readonly<Record<RoomUse, string>> = {
  morning: 'mornings',
  day: 'by day',
  evening: 'evenings',
  'morning-day': 'mornings and by day',
  'morning-evening': 'mornings and evenings',
  'day-evening': 'by day and evenings',
  all: 'all day and evening',
};

/** The parts of a day that a use is made of. */
export const USE_PARTS = ['morning', 'day', 'evening'] as const;
export type UsePart = (typeof USE_PARTS)[number];
export const partsOfUse = (use: RoomUse): readonly UsePart[] =>
  use === 'all' ? USE_PARTS : USE_PARTS.filter((part) => use.split('-').includes(part));
/** The use that some parts of the day make, whatever their order; undefined of none. */
export const usesTogether = (parts: readonly UsePart[]): RoomUse | undefined =>
  ROOM_USES.find((use) => {
    const of = partsOfUse(use);
    return of.length === new Set(parts).size && of.every((part) => parts.includes(part));
  });

/** Hours of the local clock, and the shares of them with the lamps alone, and with lamps and daylight both. */
export type HoursOfUse = {
  readonly hours: readonly (readonly [from: number, to: number])[];
  readonly lamps: number;
  readonly both: number;
};

/** Of each use. Common practice, no source; the figures are own choice: of several parts the mean by their hours. */
export const USES: Readonly<Record<RoomUse, HoursOfUse>> = {
  morning: { hours: [[6, 12]], lamps: 0.08, both: 0.07 },
  day: { hours: [[8, 18]], lamps: 0.03, both: 0.07 },
  evening: { hours: [[16, 22]], lamps: 0.55, both: 0.15 },
  'morning-day': { hours: [[6, 18]], lamps: 0.05, both: 0.07 },
  'morning-evening': {
    hours: [
      [6, 12],
      [16, 22],
    ],
    lamps: 0.32,
    both: 0.11,
  },
  'day-evening': { hours: [[8, 22]], lamps: 0.26, both: 0.1 },
  all: { hours: [[7, 22]], lamps: 0.25, both: 0.1 },
};
/** Whether an hour of the local clock, 0–24, is one of a use. */
export const isInUse = (use: RoomUse, hour: number): boolean => USES[use].hours.some(([from, to]) => hour >= from && hour < to);

const share = z.number().min(0).max(1);
/** How often each sky is met, adding up to 1. */
export const skySharesSchema = z
  .strictObject({ clear: share, broken: share, overcast: share })
  .refine(({ clear, broken, overcast }) => Math.abs(clear + broken + overcast - 1) < 1e-6, 'the shares do not add up to 1');
export type SkyShares = Readonly<z.infer<typeof skySharesSchema>>;

/** Where nothing is known of the climate. Own choice. */
export const USUAL_SKIES: SkyShares = { clear: 0.3, broken: 0.35, overcast: 0.35 };

/** Kinds of room that the trade treats differently. */
export const ROOM_KINDS = ['living', 'dining', 'study', 'kitchen', 'bedroom', 'bath', 'hall', 'other'] as const;
export type RoomKind = (typeof ROOM_KINDS)[number];
/** Words in a room's name that tell its kind. */
const NAMED: readonly (readonly [RoomKind, RegExp])[] = [
  ['bedroom', /\b(bedroom|nursery|guest room)\b/i],
  ['bath', /\b(bath(room)?|shower|en ?suite|cloakroom|wc|toilet|powder room)\b/i],
  ['kitchen', /\b(kitchen|scullery|pantry)\b/i],
  ['dining', /\bdining\b/i],
  ['study', /\b(study|library|office|den)\b/i],
  ['hall', /\b(hall(way)?|stairs?|landing|corridor|entrance|entry)\b/i],
  ['living', /\b(living|sitting|family|drawing|front|lounge|snug|parlour)\b/i],
];

/** The kind that a room's name tells; another room where it tells none. */
export const kindByName = (name: string): RoomKind => NAMED.find(([, words]) => words.test(name))?.[0] ?? 'other';

export const KIND_WORDS: Readonly<Record<RoomKind, string>> = {
  living: 'living room',
  dining: 'dining room',
  study: 'study, library',
  kitchen: 'kitchen',
  bedroom: 'bedroom',
  bath: 'bathroom',
  hall: 'hall, stairs',
  other: 'another room',
};
