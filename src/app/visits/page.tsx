import type { Metadata } from 'next';
import { connection } from 'next/server';
import { VisitList } from '@/features/visits/visit-list';
import { homes } from '@/server/visits/homes';

export const metadata: Metadata = { title: 'Visits' };

export default async function VisitsPage() {
  await connection(); // a build opens no data
  return <VisitList homes={await homes()} />;
}
