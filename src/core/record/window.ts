import { z } from 'zod';
import { idSchema } from '../base/fields';
import { measure, USUAL_WINDOW, wallSchema, windowFields } from '../light/measures';

/** A window of a room. Lengths in metres; what is null was not measured. */
export const roomWindowSchema = z.strictObject({
  id: idSchema,
  wall: wallSchema,
  ...windowFields(USUAL_WINDOW),
  /** From the wall's left end seen from inside; null puts the windows of a wall evenly. */
  leftM: measure.left.nullable().default(null),
  sillM: measure.sill.nullable().default(null),
});
export type RoomWindow = Readonly<z.infer<typeof roomWindowSchema>>;
