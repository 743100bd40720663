import { z } from 'zod';
import { idSchema, instantSchema, wordsSchema } from '../base/fields';
import { RULINGS } from '../judge/ruling';

/** A ruling on a candidate set by hand. */
export const rulingSchema = z.strictObject({
  id: idSchema,
  candidateId: idSchema,
  /** null: back to the derived ruling. */
  ruling: z.enum(RULINGS).nullable(),
  note: wordsSchema(500),
  at: instantSchema,
});
export type RulingEvent = Readonly<z.infer<typeof rulingSchema>>;
