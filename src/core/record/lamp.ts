import { z } from 'zod';
import { idSchema, nameSchema } from '../base/fields';
import { lampFields, measure } from '../light/measures';

/** A lamp of a room. Lengths in metres; what is null was not measured. */
export const roomLampSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  ...lampFields,
  /** In the plan, from the corner of wall 0 and wall 3; null is the middle. */
  xM: measure.left.nullable().default(null),
  yM: measure.left.nullable().default(null),
  heightM: measure.lampHeight.nullable().default(null),
});
export type RoomLamp = Readonly<z.infer<typeof roomLampSchema>>;
