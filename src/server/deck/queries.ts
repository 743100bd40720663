import { colourSheet, type Sheet } from '@/core/paint/sheet';
import { findDeckColour, listDeck } from '@/data/decks';
import { database } from '../database';
import { paintsOf } from '../paint/paint-of';
import type { DeckColour } from '@/core/derived/deck-colour';
import { deckColours } from './deck-colour';

export type { Sheet };

/** The whole deck as the deck step shows it. */
export const wholeDeck = async (): Promise<DeckColour[]> => deckColours(await listDeck(await database()));

/** The sheet of one deck colour; undefined when there is none of that id. */
export async function sheetOf(id: string): Promise<Sheet | undefined> {
  const db = await database();
  const row = await findDeckColour(db, id);
  return row && colourSheet((await paintsOf(db, [row])).get(row.id)!);
}
