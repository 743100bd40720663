import { z } from 'zod';
import { nameSchema, textSchema } from '../base/fields';
import { operation } from './operation';

/** Calls a deck otherwise; null gives it its maker's own name again. Its codes stay. */
export const deckRename = operation(
  z.strictObject({ name: z.literal('deck.rename'), makerId: textSchema(200).min(1), called: nameSchema.nullable() }),
  (visit) => visit,
);
