import { z } from 'zod';
import { deckSchema, MOST_MAKERS } from '../formats/deck/deck';
import { operation } from './operation';

/** Takes in checked decks, whole. It changes no visit by itself: the colours of candidates come from the deck whenever a visit is read. */
export const deckImport = operation(
  z.strictObject({ name: z.literal('deck.import'), decks: z.array(deckSchema).min(1).max(MOST_MAKERS) }),
  (visit) => visit,
);
