import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { VisitProvider } from '@/features/session/visit-context';
import { EyeInForce } from '@/features/light-client/eye-in-force';
import { eyeInForceNow } from '@/server/eye/eye';
import { visitById, visitText } from '@/server/visits/queries';

type Props = { readonly params: Promise<{ visitId: string }>; readonly children: React.ReactNode };

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const visit = await visitById((await params).visitId);
  return { title: visit?.label ?? 'Visit' };
}

export default async function VisitLayout({ params, children }: Props) {
  const { visitId } = await params;
  const text = await visitText(visitId);
  if (!text) notFound();
  return (
    <VisitProvider key={visitId} text={text}>
      <EyeInForce eye={await eyeInForceNow()}>{children}</EyeInForce>
    </VisitProvider>
  );
}
