import type { Metadata } from 'next';
import { DecksPage } from '@/features/deck-files/decks-page';
import { makerSummaries } from '@/server/deck-files/export';

export const metadata: Metadata = { title: 'Decks' };

export default async function Decks() {
  return <DecksPage makers={await makerSummaries()} />;
}
