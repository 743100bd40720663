import { z } from 'zod';
import { idSchema, int32Schema, nameSchema, wordsSchema } from '../base/fields';
import { WISHES, type Wish } from '../judge/wish';
import { GROUND_KINDS, OBSTRUCTION_KINDS } from '../light/assumptions';
import { measure } from '../light/measures';
import { kindByName, ROOM_KINDS, ROOM_USES } from '../room/use';
import type { Candidate } from './candidate';
import type { RoomLamp } from './lamp';
import type { Decision, Signature } from './decision';
import type { Look } from './look';
import type { LookAnswer } from './look-answer';
import type { LightMeterReading } from './meter-reading';
import type { Note } from './note';
import type { Photo } from './photo';
import type { PairPick } from './pick';
import { paintworkSchema } from './paintwork';
import { recordedColourSchema } from './recorded-colour';
import type { RulingEvent } from './ruling';
import { roomShapeSchema } from './shape';
import type { Sample } from './sample';
import type { Scheme } from './scheme';
import type { IntensityEvent } from './intensity';
import type { ReactionEvent } from './reaction';
import type { RecordedStay } from './stay';
import type { VerdictEvent } from './verdict';
import type { RoomWindow } from './window';

/** What a room's light is described by, apart from windows and lamps. Lengths in metres; what is null was not measured. */
export const roomLightFields = {
  /** Bearing the first wall faces outward, degrees from true north; null until it is read. */
  bearingDeg: measure.bearing.nullable().default(null),
  /** Length of walls 0 and 2. */
  widthM: measure.roomLength.nullable().default(null),
  /** Length of walls 1 and 3. */
  depthM: measure.roomLength.nullable().default(null),
  heightM: measure.roomHeight.nullable().default(null),
  /** Of a room that is no box; null: a box of these measures. */
  shape: roomShapeSchema.nullable().default(null),
  /** Light that comes through open doors from rooms that are measured counts. */
  borrows: z.boolean().default(false),
  ground: z.enum(GROUND_KINDS).default('paving'),
  /** What stands opposite the windows. */
  obstruction: z.enum(OBSTRUCTION_KINDS).default('masonry'),
  ceiling: recordedColourSchema.nullable().default(null),
  oldWall: recordedColourSchema.nullable().default(null),
  /** It was said to have no window, and through which door it has its daylight; empty: none. */
  windowless: z.boolean().default(false),
  lightFrom: wordsSchema(60).default(''),
};

/** What the client says of a room, in their words. */
export const roomBriefFields = {
  mustNotChange: wordsSchema(500).default(''),
  annoys: wordsSchema(500).default(''),
  /** What may be painted or replaced after all. */
  mayChange: wordsSchema(500).default(''),
};

/** Wishes after the first. */
export const moreWishesSchema = z
  .array(z.enum(WISHES))
  .max(WISHES.length - 1)
  .readonly()
  .default([]);

/** Everything that is wished for of a room, in order. */
export const wishesOf = ({ wish, moreWishes }: Pick<RoomFields, 'wish' | 'moreWishes'>): readonly Wish[] =>
  wish === null ? [] : [wish, ...moreWishes.filter((w) => w !== wish)];

/** What is known of a room itself; everything left out is as in a room nothing was recorded of. */
export const roomFieldsSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  revision: int32Schema.default(1),
  /** Its place in walking order. */
  ordinal: int32Schema,
  ...roomLightFields,
  /** Whether readings of a light meter correct what is computed. */
  calibrated: z.boolean().default(false),
  /** What the client wants of it, and in whose words. */
  wish: z.enum(WISHES).nullable().default(null),
  /** What else they want, in order. */
  moreWishes: moreWishesSchema,
  wishWords: wordsSchema(500).default(''),
  /** When it is used, and what kind of room it is. */
  use: z.enum(ROOM_USES).default('all'),
  kind: z.enum(ROOM_KINDS).default('other'),
  ...roomBriefFields,
  paintwork: paintworkSchema.prefault({}),
});
export type RoomFields = Readonly<z.infer<typeof roomFieldsSchema>>;

/** What was taken out of a room, in the same order; its verdicts are kept, and it comes back as it was. */
export type Retired = {
  readonly stays: readonly RecordedStay[];
  readonly candidates: readonly Candidate[];
  readonly photos: readonly Photo[];
  readonly schemes: readonly Scheme[];
  readonly looks: readonly Look[];
  readonly samples: readonly Sample[];
};

/** A room with everything recorded of it. Events stand in the order in which they arrived, undone ones included. */
export type Room = RoomFields & {
  readonly windows: readonly RoomWindow[];
  readonly lamps: readonly RoomLamp[];
  readonly readings: readonly LightMeterReading[];
  readonly stays: readonly RecordedStay[];
  readonly candidates: readonly Candidate[];
  readonly verdicts: readonly VerdictEvent[];
  readonly intensities: readonly IntensityEvent[];
  /** The client's, to colours as a whole. */
  readonly reactions: readonly ReactionEvent[];
  readonly rulings: readonly RulingEvent[];
  /** The client's. */
  readonly picks: readonly PairPick[];
  readonly notes: readonly Note[];
  /** Oldest first. */
  readonly photos: readonly Photo[];
  readonly schemes: readonly Scheme[];
  /** In the order of their numbers. */
  readonly looks: readonly Look[];
  /** In the order in which they were made. */
  readonly samples: readonly Sample[];
  /** Of the client, at looks after the visit. */
  readonly answers: readonly LookAnswer[];
  readonly decisions: readonly Decision[];
  /** One for each revision, oldest first. */
  readonly signatures: readonly Signature[];
  readonly retired: Retired;
};

const NOTHING_RETIRED: Retired = { stays: [], candidates: [], photos: [], schemes: [], looks: [], samples: [] };

/** A room of which nothing is recorded but its name, which may tell what kind of room it is. */
export const emptyRoom = (given: { readonly id: string; readonly name: string; readonly ordinal: number }): Room => ({
  ...roomFieldsSchema.parse({ ...given, kind: kindByName(given.name) }),
  windows: [],
  lamps: [],
  readings: [],
  stays: [],
  candidates: [],
  verdicts: [],
  intensities: [],
  reactions: [],
  rulings: [],
  picks: [],
  notes: [],
  photos: [],
  schemes: [],
  looks: [],
  samples: [],
  answers: [],
  decisions: [],
  signatures: [],
  retired: NOTHING_RETIRED,
});

/** What is said in a room. */
export const SAID_IN_ROOM = [
  'verdicts',
  'intensities',
  'reactions',
  'picks',
  'rulings',
  'notes',
] as const satisfies readonly (keyof Room)[];
/** A room but for what is said in it: how it is built and lit, what stays there, its colours, looks and samples. */
export type RoomItself = Omit<Room, (typeof SAID_IN_ROOM)[number]>;
