import { z } from 'zod';
import { operation } from './operation';

/** Puts a deck away, or back. Colours of it that are tried in a room stay there as they are. */
export const deckRetire = operation(
  z.strictObject({ name: z.literal('deck.retire'), makerId: z.string().min(1).max(200), retired: z.boolean() }),
  (visit) => visit,
);
