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

/** The colours of a scheme. */
export const coloursOfScheme = (s: Pick<Scheme, 'wallId' | 'trimId' | 'accentIds'>): string[] =>
  [s.wallId, s.trimId, ...s.accentIds].filter((id) => id !== null);

/** In the order in which they were made. */
export const byId = (p: { readonly id: string }, q: { readonly id: string }): number => (p.id < q.id ? -1 : 1);
