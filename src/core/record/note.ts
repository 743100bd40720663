import { z } from 'zod';
import { idSchema, instantSchema, wordsSchema } from '../base/fields';

/** A note on the room, or on a candidate. */
export const noteSchema = z.strictObject({
  id: idSchema,
  candidateId: idSchema.nullable(),
  words: wordsSchema(2000).min(1, 'Write something.'),
  at: instantSchema,
  undone: z.boolean(),
});
export type Note = Readonly<z.infer<typeof noteSchema>>;
