import type { Metadata } from 'next';
import { NewVisitForm } from '@/features/visits/new-visit-form';

export const metadata: Metadata = { title: 'Start a visit' };

export default function NewVisitPage() {
  return <NewVisitForm />;
}
