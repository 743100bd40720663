import { bodyOf } from '@/server/http/body-of';
import { performOperation } from '@/server/operations/perform';

/** Most taken at once, bytes: the largest file of answers as operations is half of it. */
const MOST_BYTES = 4 * 1024 * 1024;

/** Does one operation (the body, JSON); answers what became of it. */
export async function POST(request: Request) {
  const body = await bodyOf(request, MOST_BYTES);
  if (!body)
    return Response.json({ ok: false, reason: 'invalid', issues: [{ path: '', message: 'It is too large.' }] }, { status: 413 });
  return Response.json(await performOperation(new TextDecoder().decode(body)), { headers: { 'cache-control': 'no-store' } });
}
