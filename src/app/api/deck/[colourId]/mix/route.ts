import { mixedAt } from '@/server/deck/mix';

/** One deck colour at a strength in percent (`at`). */
export async function GET(request: Request, { params }: { params: Promise<{ colourId: string }> }) {
  const mixed = await mixedAt((await params).colourId, Number(new URL(request.url).searchParams.get('at')));
  return mixed ? Response.json(mixed) : Response.json({ error: 'no such colour or strength' }, { status: 404 });
}
