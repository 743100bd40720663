import { askedSchema, factsOf, MOST_BYTES } from '@/server/paint/facts';
import { bodyOf } from '@/server/http/body-of';
import { parsedJson } from '@/core/base/parsed-json';

/** What papers say of colours at strengths (the body, JSON): base, coats, pours; null for a colour the deck does not have. */
export async function POST(request: Request) {
  const body = await bodyOf(request, MOST_BYTES);
  const asked = askedSchema.safeParse(body && parsedJson(new TextDecoder().decode(body)));
  if (!asked.success) return Response.json({ error: asked.error.issues[0]?.message ?? 'nothing asked' }, { status: 400 });
  return Response.json(await factsOf(asked.data));
}
