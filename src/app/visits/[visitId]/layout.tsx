import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { VisitProvider } from '@/features/shared/visit-context';
import { visitById } from '@/server/visits/queries';

type Props = { readonly params: Promise<{ visitId: string }>; readonly children: React.ReactNode };

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const visit = await visitById((await params).visitId);
  return { title: visit?.label ?? 'Visit' };
}

export default async function VisitLayout({ params, children }: Props) {
  const visit = await visitById((await params).visitId);
  if (!visit) notFound();
  return (
    <VisitProvider key={visit.id} visit={visit}>
      {children}
    </VisitProvider>
  );
}
