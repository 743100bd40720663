import { revisionOfTag, tagOf } from '@/core/operations/revision';
import { textOf } from '@/server/visits/news';
import { newsOf } from '@/server/visits/queries';

/**
 * One visit for pages that are open already: all of it, or, for a page that says which revision it holds (`If-None-Match`), only the
 * operations since.
 */
export async function GET(request: Request, { params }: { params: Promise<{ visitId: string }> }) {
  const tag = request.headers.get('if-none-match');
  const news = await newsOf((await params).visitId, revisionOfTag(tag));
  if (!news) return Response.json({ error: 'no such visit' }, { status: 404 });
  const headers = { 'cache-control': 'no-store' };
  if (news.kind === 'same') return new Response(null, { status: 304, headers: { ...headers, etag: tag! } });
  const body = news.kind === 'visit' ? { kind: 'visit', text: textOf(news) } : news;
  return Response.json(body, { headers: { ...headers, etag: tagOf(news.revision) } });
}
