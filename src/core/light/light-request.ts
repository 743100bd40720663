import { z } from 'zod';
import { nameSchema } from '../base/fields';
import { latitudeSchema, longitudeSchema } from './measures';
import { SKIES } from './outdoors';
import { roomSchema } from './room-description';
import { STANDARD_SKIES } from './sky';

const STANDARD_TYPES = Object.keys(STANDARD_SKIES).map(Number);

/** A moment: by place and time under a sky, or with the sky given outright. */
export const momentSchema = z.union([
  z.strictObject({
    place: z.strictObject({ latitude: latitudeSchema, longitude: longitudeSchema }),
    /** ISO 8601 with its offset; the date is the one written. */
    time: z.iso.datetime({ offset: true, error: 'an ISO 8601 time with its offset, such as 2026-06-21T12:00:00+01:00' }),
    sky: z.enum(SKIES).default('clear'),
    lamps: z.boolean().default(false),
  }),
  z.strictObject({
    sky: z.strictObject({
      /** 1–15 of ISO 15469, the traditional CIE overcast sky, or a uniform one. */
      type: z.union([
        z.int().refine((n) => STANDARD_TYPES.includes(n), 'there are sky types 1 to 15'),
        z.enum(['traditional-overcast', 'uniform']),
      ]),
      /** Of the sky alone on open ground, lux. */
      horizontalLux: z.number().min(0).max(200_000),
      cctK: z.number().min(4000).max(25_000).optional(),
      sun: z.strictObject({ azimuthDeg: z.number().min(0).max(360), altitudeDeg: z.number().min(-90).max(90) }).optional(),
      /** The sun's beam on a surface that faces it, lux. */
      beamNormalLux: z.number().min(0).max(200_000).optional(),
    }),
    lamps: z.boolean().default(false),
  }),
]);
export type MomentInput = z.infer<typeof momentSchema>;

const vector = z.tuple([z.number(), z.number(), z.number()]);
/** A place in the room and where it faces; the direction need not have length 1. */
export const pointSchema = z.strictObject({
  name: nameSchema.optional(),
  at: vector,
  normal: vector.refine((n) => Math.hypot(...n) > 1e-9, 'a direction is not 0, 0, 0'),
});

/** What `bin/core light` is asked. Without `points` it answers at the room's usual positions. */
export const lightSchema = z.strictObject({
  room: roomSchema,
  moment: momentSchema,
  points: z.array(pointSchema).max(60).optional(),
});
