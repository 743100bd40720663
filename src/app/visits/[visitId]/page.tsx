import { notFound, redirect } from 'next/navigation';
import { visitById } from '@/server/visits/queries';

/** Opens the first room that is being tried, else the first room. */
export default async function VisitPage({ params }: { params: Promise<{ visitId: string }> }) {
  const visit = await visitById((await params).visitId);
  const tried = visit?.rooms.find((r) => r.candidates.length > 0 && r.stays.length > 0);
  const room = tried ?? visit?.rooms[0];
  if (!visit || !room) notFound();
  redirect(`/visits/${visit.id}/${room.id}/${tried ? 'bench' : 'light'}`);
}
