import { z } from 'zod';
import { textSchema } from '../base/fields';
import { operation } from './operation';

/** Puts a deck away, or back. Colours of it that are tried in a room stay there as they are. */
export const deckRetire = operation(
  z.strictObject({ name: z.literal('deck.retire'), makerId: textSchema(200).min(1), retired: z.boolean() }),
  (visit) => visit,
);
