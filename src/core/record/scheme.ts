import { z } from 'zod';
import { idSchema, nameSchema } from '../base/fields';

/** A scheme for a room; each colour is a candidate. */
export const schemeSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  wallId: idSchema.nullable(),
  trimId: idSchema.nullable(),
  accentIds: z.array(idSchema).max(4, 'At most four accents.').readonly(),
});
export type Scheme = Readonly<z.infer<typeof schemeSchema>>;
