import type { Metadata } from 'next';
import { VisitList } from '@/features/visits/visit-list';
import { visitSummaries } from '@/server/visits/queries';

export const metadata: Metadata = { title: 'Visits' };

export default async function VisitsPage() {
  return <VisitList visits={await visitSummaries()} />;
}
