import { z } from 'zod';
import { isTimeZone } from '../light/time-zone';
import {
  CURTAIN_KINDS,
  GLAZING_KINDS,
  GROUND_KINDS,
  OBSTRUCTION_KINDS,
  type Curtain,
  type Glazing,
  type Ground,
  type Obstruction,
} from '../light/assumptions';
import { LAMP_KINDS, LAMP_THROWS } from '../light/lamp';
import { STAY_PLACES } from '../record/types';
import { deckSchema, MOST_MAKERS } from './deck/deck';
import { judgementWrites } from './judgement-writes';
import { roomLightIssues } from './check-room-light';
import { measure } from './room-light';
import { finite, labSchema, latitudeSchema, longitudeSchema, nameSchema, spectrumSchema } from './schemas';

export { labSchema, nameSchema };

const id = z.uuid();

export const placeSchema = z.strictObject({
  name: nameSchema,
  latitude: latitudeSchema,
  longitude: longitudeSchema,
  timeZone: z.string().max(60).refine(isTimeZone, 'Not a time zone this computer knows, such as Europe/London.'),
});
export const unitsSchema = z.enum(['metric', 'imperial']);

export const sourceSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('colorimeter'),
    surface: nameSchema,
    readings: z.int().min(3).max(99),
    spread: z.number().min(0).max(100),
  }),
  z.strictObject({ kind: z.literal('deck'), deckColourId: z.string().max(200), label: nameSchema }),
  z.strictObject({ kind: z.literal('hex'), hex: z.string().regex(/^#[0-9a-f]{6}$/) }),
  z.strictObject({ kind: z.literal('spectrophotometer'), surface: nameSchema, spectrum: spectrumSchema }),
  z.strictObject({ kind: z.literal('lab') }),
]);
export const recordedColourSchema = z.strictObject({ lab: labSchema, source: sourceSchema });

const wallSchema = z.union([z.literal(0), z.literal(1), z.literal(2), z.literal(3)]);
export const windowSchema = z.strictObject({
  id,
  wall: wallSchema,
  widthM: measure.windowWidth,
  heightM: measure.windowHeight,
  leftM: measure.left.nullable().default(null),
  sillM: measure.sill.nullable().default(null),
  glazing: z.enum(GLAZING_KINDS as [Glazing, ...Glazing[]]).default('double'),
  curtain: z.enum(CURTAIN_KINDS as [Curtain, ...Curtain[]]).default('open'),
  obstructionDeg: measure.obstructionDeg.default(0),
  revealM: measure.reveal.default(0.1),
  overhangM: measure.overhang.default(0),
});
export const lampSchema = z.strictObject({
  id,
  name: nameSchema,
  cctK: measure.cctK,
  kind: z.enum(LAMP_KINDS).default('led'),
  lumens: measure.lumens.default(800),
  throws: z.enum(LAMP_THROWS).default('round'),
  xM: measure.left.nullable().default(null),
  yM: measure.left.nullable().default(null),
  heightM: measure.lampHeight.nullable().default(null),
  dimmedPercent: measure.dimmedPercent.default(100),
});

export const SHARE_SLACK = 0.0005;
export const componentSchema = z.strictObject({
  id,
  name: nameSchema,
  share: finite('A share is a number of percent.').gt(0, 'A share must be more than 0 %.').max(1, 'A share is at most 100 %.'),
  colour: recordedColourSchema,
});
export const componentsSchema = z
  .array(componentSchema)
  .min(1, 'Give it at least one colour.')
  .max(12, 'At most 12 components.')
  .superRefine((all, check) => {
    const sum = all.reduce((s, c) => s + c.share, 0);
    if (Math.abs(sum - 1) > SHARE_SLACK)
      check.addIssue({ code: 'custom', message: `The shares add up to ${Math.round(sum * 1000) / 10} %; they must make 100 %.` });
  });

const roomNames = z
  .array(z.strictObject({ roomId: id, name: nameSchema }))
  .min(1, 'Give the visit at least one room.')
  .max(60);

/** Every write of the product, by name. Ids (UUID v7) and times come from the caller, so that a write can be replayed. */
const writes = [
  z.strictObject({
    name: z.literal('visit.create'),
    visitId: id,
    label: nameSchema,
    place: placeSchema,
    units: unitsSchema,
    rooms: roomNames,
  }),
  z.strictObject({
    name: z.literal('visit.edit'),
    visitId: id,
    revision: z.int(),
    label: nameSchema,
    place: placeSchema,
    units: unitsSchema,
  }),
  z.strictObject({ name: z.literal('room.add'), visitId: id, roomId: id, room: nameSchema }),
  z.strictObject({ name: z.literal('room.rename'), roomId: id, revision: z.int(), room: nameSchema }),
  z.strictObject({ name: z.literal('room.retire'), roomId: id, retired: z.boolean() }),
  z
    .strictObject({
      name: z.literal('room.light'),
      roomId: id,
      revision: z.int(),
      bearingDeg: measure.bearing.nullable(),
      widthM: measure.roomLength.nullable().default(null),
      depthM: measure.roomLength.nullable().default(null),
      heightM: measure.roomHeight.nullable().default(null),
      ground: z.enum(GROUND_KINDS as [Ground, ...Ground[]]).default('paving'),
      obstruction: z.enum(OBSTRUCTION_KINDS as [Obstruction, ...Obstruction[]]).default('masonry'),
      ceiling: recordedColourSchema.nullable().default(null),
      windows: z.array(windowSchema).max(16),
      lamps: z.array(lampSchema).max(24),
      oldWall: recordedColourSchema.nullable(),
    })
    .superRefine((room, check) => {
      for (const issue of roomLightIssues(room))
        check.addIssue({ code: 'custom', path: [...issue.path], message: issue.message });
    }),
  z.strictObject({
    name: z.literal('stay.save'),
    roomId: id,
    /** The thing's own revision; null when it is new. */
    revision: z.int().nullable(),
    stayId: id,
    stay: nameSchema,
    kind: z.enum(['fixed', 'furnishing']),
    school: z.enum(['share', 'answer']),
    lies: z.enum(STAY_PLACES).nullable().default(null),
    cover: finite('What it covers is a number of percent.')
      .gt(0, 'It covers more than 0 %.')
      .max(1, 'It covers at most 100 %.')
      .default(1),
    components: componentsSchema,
  }),
  z.strictObject({ name: z.literal('stay.retire'), roomId: id, stayId: id, retired: z.boolean() }),
  z.strictObject({
    name: z.literal('candidate.add'),
    roomId: id,
    candidateId: id,
    deckColourId: z.string().min(1).max(200),
    strength: z.int().min(10).max(150),
  }),
  z.strictObject({ name: z.literal('candidate.retire'), roomId: id, candidateId: id, retired: z.boolean() }),
  ...judgementWrites,
  /** Checked decks, taken in whole. */
  z.strictObject({ name: z.literal('deck.import'), decks: z.array(deckSchema).min(1).max(MOST_MAKERS) }),
] as const;

export const writeSchema = z.discriminatedUnion('name', writes);
/** A write with everything it leaves out filled in. */
export type Write = z.infer<typeof writeSchema>;
/** A write as it may be put: what has a usual value can be left out. */
export type WriteInput = z.input<typeof writeSchema>;
export type WriteName = Write['name'];
export type WriteOf<N extends WriteName> = Extract<Write, { name: N }>;

export const operationSchema = z.strictObject({
  id,
  /** ISO 8601 instant, UTC. */
  at: z.iso.datetime(),
  write: writeSchema,
});
export type Operation = z.infer<typeof operationSchema>;

/** Why a write was not done; closed, so that the interface has words for each. */
export type WriteRefusal =
  | { readonly reason: 'invalid'; readonly issues: readonly { readonly path: string; readonly message: string }[] }
  | { readonly reason: 'changed-elsewhere' }
  | { readonly reason: 'not-found'; readonly what: string }
  | { readonly reason: 'already-there'; readonly what: string }
  | { readonly reason: 'not-a-surface-colour'; readonly what: string }
  | { readonly reason: 'last-room' }
  | { readonly reason: 'failed' };
export type WriteResult = { readonly ok: true; readonly id: string } | ({ readonly ok: false } & WriteRefusal);
