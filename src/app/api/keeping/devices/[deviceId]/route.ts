import { turnAway } from '@/server/keeping/devices';

/** Turns a device away that was let in. */
export async function DELETE(_request: Request, { params }: { params: Promise<{ deviceId: string }> }): Promise<Response> {
  return turnAway((await params).deviceId)
    ? Response.json({ ok: true })
    : Response.json({ error: 'no such device' }, { status: 404 });
}
