import { z } from 'zod';
import { DIM_WHITE_SCHOOLS, FIGHTING_LIGHT_SCHOOLS } from '../judge/light-conflict';
import { REASONS, VERDICTS } from '../judge/reasons';
import { PERSONS, RULINGS } from '../judge/ruling';
import { WISHES } from '../judge/wish';
import { SKIES } from '../light/outdoors';
import { LIGHTS } from '../room/facing';
import { finite, nameSchema } from './schemas';

const id = z.uuid();

/** Names of the sample positions in a room. */
export const positionSchema = z.string().regex(/^(wall-[0-3]|by-window|under-lamp)$/);

/** The light a verdict was given in: the day ribbon's cursor, sky, lamps, and where in the room. */
export const verdictMomentSchema = z.strictObject({
  at: z.iso.datetime(),
  sky: z.enum(SKIES),
  lampsOn: z.boolean(),
  position: positionSchema,
});

/** How a photograph was taken: with exposure and white balance locked, or not. */
export const PHOTO_SETTINGS = ['locked', 'automatic', 'unknown'] as const;

/** Limits of photographs: bytes of one upload, and how many a room keeps. Own choice. */
export const PHOTO_LIMITS = { mostBytes: 24 * 1024 * 1024, mostInRoom: 60 } as const;

/** Where white paper lies in a photograph, as shares of width and height, and what the camera made of it (sRGB, 0–255). */
export const whitePointSchema = z.strictObject({
  x: z.number().min(0).max(1),
  y: z.number().min(0).max(1),
  rgb: z.tuple([z.number().min(1).max(255), z.number().min(1).max(255), z.number().min(1).max(255)]),
});

export const judgementWrites = [
  z.strictObject({
    name: z.literal('room.wish'),
    roomId: id,
    wish: z.enum(WISHES).nullable(),
    words: z.string().trim().max(500, 'At most 500 characters.'),
  }),
  z.strictObject({
    name: z.literal('visit.schools'),
    visitId: id,
    dimWhite: z.enum(DIM_WHITE_SCHOOLS),
    fightingLight: z.enum(FIGHTING_LIGHT_SCHOOLS),
  }),
  z.strictObject({
    name: z.literal('verdict.give'),
    roomId: id,
    candidateId: id,
    stayId: id,
    light: z.enum(LIGHTS),
    person: z.enum(PERSONS),
    verdict: z.enum(VERDICTS),
    /** What the core had computed for that light; left out, it is computed as in the deck. */
    predicted: z.enum(VERDICTS).nullable().default(null),
    moment: verdictMomentSchema.nullable().default(null),
    firstGlanceMs: z.int().min(0).max(600_000).nullable().default(null),
  }),
  z.strictObject({ name: z.literal('verdict.reason'), roomId: id, verdictId: id, reason: z.enum(REASONS) }),
  z.strictObject({ name: z.literal('verdict.undo'), roomId: id, verdictId: id }),
  z.strictObject({
    name: z.literal('ruling.set'),
    roomId: id,
    candidateId: id,
    ruling: z.enum(RULINGS).nullable(),
    note: z.string().trim().max(500, 'At most 500 characters.'),
  }),
  z.strictObject({ name: z.literal('pair.pick'), roomId: id, chosenId: id, otherId: id }),
  z.strictObject({ name: z.literal('pair.unpick'), roomId: id, pickId: id }),
  z.strictObject({
    name: z.literal('note.add'),
    roomId: id,
    candidateId: id.nullable(),
    words: z.string().trim().min(1, 'Write something.').max(2000, 'At most 2,000 characters.'),
  }),
  z.strictObject({ name: z.literal('note.remove'), roomId: id, noteId: id, removed: z.boolean() }),
  /** The picture itself has been put down before, under the operation's id. */
  z.strictObject({
    name: z.literal('photo.add'),
    roomId: id,
    width: z.int().min(1).max(10_000),
    height: z.int().min(1).max(10_000),
    settings: z.enum(PHOTO_SETTINGS),
  }),
  z.strictObject({
    name: z.literal('photo.edit'),
    roomId: id,
    photoId: id,
    caption: z.string().trim().max(200, 'At most 200 characters.'),
    settings: z.enum(PHOTO_SETTINGS),
    white: whitePointSchema.nullable(),
  }),
  z.strictObject({ name: z.literal('photo.retire'), roomId: id, photoId: id, retired: z.boolean() }),
  z.strictObject({
    name: z.literal('scheme.save'),
    roomId: id,
    schemeId: id,
    scheme: nameSchema,
    wallId: id.nullable(),
    trimId: id.nullable(),
    accentIds: z.array(id).max(4, 'At most four accents.'),
  }),
  z.strictObject({ name: z.literal('scheme.retire'), roomId: id, schemeId: id, retired: z.boolean() }),
  z.strictObject({
    name: z.literal('light.read'),
    roomId: id,
    position: positionSchema,
    lux: finite('A reading is a number of lux.').min(0, 'A reading is not less than 0 lx.').max(200_000, 'At most 200,000 lx.'),
    cctK: finite('A temperature is a number of kelvin.')
      .min(1000, 'A temperature lies between 1,000 and 50,000 K.')
      .max(50_000, 'A temperature lies between 1,000 and 50,000 K.')
      .nullable(),
    computedLux: z.number().min(0).max(1_000_000),
    sky: z.enum(SKIES),
    lampsOn: z.boolean(),
  }),
  z.strictObject({ name: z.literal('light.unread'), roomId: id, readingId: id }),
  z.strictObject({ name: z.literal('light.calibrate'), roomId: id, on: z.boolean() }),
] as const;
