import { visitById } from '@/server/visits/queries';

/** One visit with everything in it, for pages that are open already. */
export async function GET(_request: Request, { params }: { params: Promise<{ visitId: string }> }) {
  const visit = await visitById((await params).visitId);
  return visit
    ? Response.json(visit, { headers: { 'cache-control': 'no-store' } })
    : Response.json({ error: 'no such visit' }, { status: 404 });
}
