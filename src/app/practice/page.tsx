import type { Metadata } from 'next';
import { connection } from 'next/server';
import { PracticePage } from '@/features/practice/practice-page';
import { eyeTold } from '@/server/eye/eye';

export const metadata: Metadata = { title: 'Practice' };

export default async function Practice() {
  await connection(); // a build opens no data
  return <PracticePage told={await eyeTold()} />;
}
