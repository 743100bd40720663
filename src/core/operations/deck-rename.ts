import { z } from 'zod';
import { nameSchema } from '../base/fields';
import { operation } from './operation';

/** Calls a deck otherwise; null gives it its maker's own name again. Its codes stay. */
export const deckRename = operation(
  z.strictObject({ name: z.literal('deck.rename'), makerId: z.string().min(1).max(200), called: nameSchema.nullable() }),
  (visit) => visit,
);
