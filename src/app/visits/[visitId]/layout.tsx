import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { VisitProvider } from '@/features/session/visit-context';
import { visitById, visitWithRevision } from '@/server/visits/queries';

type Props = { readonly params: Promise<{ visitId: string }>; readonly children: React.ReactNode };

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const visit = await visitById((await params).visitId);
  return { title: visit?.label ?? 'Visit' };
}

export default async function VisitLayout({ params, children }: Props) {
  const first = await visitWithRevision((await params).visitId);
  if (!first) notFound();
  return (
    <VisitProvider key={first.visit.id} first={first}>
      {children}
    </VisitProvider>
  );
}
