import { z } from 'zod';

/** When a room is used. */
export const ROOM_USES = ['morning', 'day', 'evening', 'all'] as const;
export type RoomUse = (typeof ROOM_USES)[number];
export const USE_WORDS: Readonly<Record<RoomUse, string>> = {
  morning: 'mornings',
  day: 'by day',
  evening: 'evenings',
  all: 'all day and evening',
};

/** Hours of the local clock, and the shares of them with the lamps alone, and with lamps and daylight both. */
export type HoursOfUse = { readonly from: number; readonly to: number; readonly lamps: number; readonly both: number };

/** Of each use. Common practice, no source; the figures are own choice. */
export const USES: Readonly<Record<RoomUse, HoursOfUse>> = {
  morning: { from: 6, to: 12, lamps: 0.08, both: 0.07 },
  day: { from: 8, to: 18, lamps: 0.03, both: 0.07 },
  evening: { from: 16, to: 22, lamps: 0.55, both: 0.15 },
  all: { from: 7, to: 22, lamps: 0.25, both: 0.1 },
};

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
