import type { Metadata } from 'next';
import { connection } from 'next/server';
import { DecksPage } from '@/features/deck-files/decks-page';
import { makerSummaries } from '@/server/deck-files/export';

export const metadata: Metadata = { title: 'Decks' };

export default async function Decks() {
  await connection(); // a build opens no data
  return <DecksPage makers={await makerSummaries()} />;
}
