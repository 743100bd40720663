import { askedSchema, factsOf, MOST_BYTES } from '@/server/paint/facts';
import { jsonOf } from '@/server/http/body-of';

/** What papers say of colours at strengths (the body, JSON): base, coats, pours; null for a colour the deck does not have. */
export async function POST(request: Request) {
  const asked = askedSchema.safeParse(await jsonOf(request, MOST_BYTES));
  if (!asked.success) return Response.json({ error: asked.error.issues[0]?.message ?? 'nothing asked' }, { status: 400 });
  return Response.json(await factsOf(asked.data));
}
