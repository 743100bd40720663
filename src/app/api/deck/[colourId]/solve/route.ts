import { jsonOf } from '@/server/http/body-of';
import { aimSchema, solveStrength } from '@/server/deck/solve';

/** The strength of a deck colour that reaches an aim (the body, JSON). */
export async function POST(request: Request, { params }: { params: Promise<{ colourId: string }> }) {
  const aim = aimSchema.safeParse(await jsonOf(request, 10_000));
  if (!aim.success) return Response.json({ error: aim.error.issues[0]?.message ?? 'no aim' }, { status: 400 });
  const answer = await solveStrength((await params).colourId, aim.data);
  return answer ? Response.json(answer) : Response.json({ error: 'no such colour' }, { status: 404 });
}
