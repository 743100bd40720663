import { listDeck } from '@/data/decks';
import { database } from '../database';
import { deckColour, type DeckColour } from './deck-colour';

export type { DeckColour };

/** The whole deck as the deck step shows it. */
export const wholeDeck = async (): Promise<DeckColour[]> => (await listDeck(await database())).map(deckColour);
