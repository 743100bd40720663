'use client';

import { FieldError } from '@/ui/field';
import { useDeck } from './deck-data';

/** Says that the deck could not be read, where proposals out of it are waited for. */
export function DeckTrouble() {
  const { isError } = useDeck();
  return isError ? <FieldError>The deck could not be read: nothing is proposed until it is.</FieldError> : null;
}
