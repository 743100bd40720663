import { z } from 'zod';
import { idSchema, instantSchema } from '../base/fields';

/** 128 random bits in base64url: what an answer must carry to be taken for one. */
export const handKeySchema = z.string().regex(/^[\w-]{22}$/, 'Not a key of a hand-out.');

/** Looks handed to the client, to be answered at home. */
export const lookHandSchema = z.strictObject({
  id: idSchema,
  key: handKeySchema,
  lookIds: z.array(idSchema).min(1, 'There is no look to hand out.').max(200).readonly(),
  at: instantSchema,
});
export type LookHand = Readonly<z.infer<typeof lookHandSchema>>;
