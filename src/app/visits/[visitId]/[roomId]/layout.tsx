import { notFound } from 'next/navigation';
import { Shell } from '@/features/shell/shell';
import { visitById } from '@/server/visits/queries';

type Props = { readonly params: Promise<{ visitId: string; roomId: string }>; readonly children: React.ReactNode };

export default async function RoomLayout({ params, children }: Props) {
  const { visitId, roomId } = await params;
  const visit = await visitById(visitId);
  if (!visit?.rooms.some((r) => r.id === roomId)) notFound();
  return <Shell roomId={roomId}>{children}</Shell>;
}
