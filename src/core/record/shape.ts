import { z } from 'zod';
import { EACH_ONCE, eachOnce, finite, idSchema, nameSchema } from '../base/fields';
import { measure, USUAL_WINDOW, windowFields } from '../light/measures';
import { planPointSchema, slopeSchema } from '../light/plan/planned-fields';
import { recordedColourSchema } from './recorded-colour';

const along = finite('A place is a number of metres.').min(-60, 'It lies within 60 m.').max(60, 'It lies within 60 m.');

/** A window in a slope, from its left end and up along it; or in the flat ceiling, from the plan's own axes. */
export const roofWindowSchema = z.strictObject({
  id: idSchema,
  /** The slope by its place among them; null is the flat ceiling. */
  slope: z.int().min(0).max(7).nullable(),
  leftM: along,
  upM: along,
  ...windowFields(USUAL_WINDOW),
});
export type RoomRoofWindow = Readonly<z.infer<typeof roofWindowSchema>>;

/** What stands on the floor and takes its light: a tall cupboard, an island, half a wall. */
export const standingBoxSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  /** Its corner nearest the beginning of wall 0, in the plan's axes. */
  xM: along,
  yM: along,
  widthM: measure.roomLength,
  depthM: measure.roomLength,
  heightM: measure.roomHeight,
  /** null is taken as the walls. */
  colour: recordedColourSchema.nullable().default(null),
});
export type RoomBox = Readonly<z.infer<typeof standingBoxSchema>>;

/**
 * The shape of a room that is no box: corners as its walls are met turning right, wall 0 from 0, 0 along x; what slopes, what stands in it
 * and what is glazed above. Metres. Its own `widthM` and `depthM` are then those of the rectangle around it.
 */
export const roomShapeSchema = z.strictObject({
  plan: z.array(planPointSchema).min(3, 'A plan has three corners or more.').max(40, 'A plan has 40 corners at most.').readonly(),
  slopes: z.array(slopeSchema.readonly()).max(8, 'At most 8 slopes.').readonly().default([]),
  roofWindows: z.array(roofWindowSchema).max(12, 'At most 12 roof windows.').refine(eachOnce, EACH_ONCE).readonly().default([]),
  boxes: z.array(standingBoxSchema).max(20, 'At most 20 things that stand.').refine(eachOnce, EACH_ONCE).readonly().default([]),
});
export type RoomShape = Readonly<z.infer<typeof roomShapeSchema>>;
