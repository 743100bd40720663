import { deckCurves } from '@/server/deck/curves';

/** The whole deck at the usual strengths as numbers, for the worker that searches it. */
export async function GET(request: Request) {
  const { version, file } = await deckCurves();
  const headers = { etag: `"${version}"`, 'cache-control': 'no-cache' };
  if (request.headers.get('if-none-match') === headers.etag) return new Response(null, { status: 304, headers });
  return new Response(file, { headers: { ...headers, 'content-type': 'application/octet-stream' } });
}
