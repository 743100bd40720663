import type { Metadata } from 'next';
import { VisitList } from '@/features/visits/visit-list';
import { homes } from '@/server/visits/homes';

export const metadata: Metadata = { title: 'Visits' };

export default async function VisitsPage() {
  return <VisitList homes={await homes()} />;
}
