import { z } from 'zod';
import { idSchema, instantSchema } from '../base/fields';

/** The client picked one candidate over another. */
export const pickSchema = z.strictObject({
  id: idSchema,
  chosenId: idSchema,
  otherId: idSchema,
  at: instantSchema,
  undone: z.boolean(),
});
export type PairPick = Readonly<z.infer<typeof pickSchema>>;
