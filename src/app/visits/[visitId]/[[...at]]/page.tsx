import { notFound, redirect } from 'next/navigation';
import { addressOf, PAGES, type Step } from '@/features/session/address';
import { visitById } from '@/server/visits/queries';
import { VisitScreen } from './visit-screen';

type Props = { readonly params: Promise<{ visitId: string; at?: string[] }> };

/** `/visits/ID/ROOM/STEP`; without a room, the first that is being tried, else the first. */
export default async function VisitPage({ params }: Props) {
  const { visitId, at = [] } = await params;
  const visit = await visitById(visitId);
  if (!visit) notFound();
  const [roomId, step, ...more] = at;
  if (roomId === undefined) {
    const tried = visit.rooms.find((r) => r.candidates.length > 0 && r.stays.length > 0);
    const room = tried ?? visit.rooms[0];
    if (!room) notFound();
    redirect(addressOf({ visitId: visit.id, roomId: room.id, step: tried ? 'bench' : 'light' }));
  }
  if (!visit.rooms.some((r) => r.id === roomId) || !PAGES.includes(step as Step) || more.length > 0) notFound();
  return <VisitScreen />;
}
