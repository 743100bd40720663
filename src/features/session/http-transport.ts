import { readVisitText } from '@/core/operations/visit-text';
import { tagOf, type ApplyResult, type VisitNews } from '@/core/operations/revision';
import type { HandIn, Handed } from './pictures';
import type { Transport } from './ports';

type Fetch = typeof fetch;

/** An answer of the server as JSON; rejects where something else answered: then the server is not there. */
async function answerOf<T>(response: Response): Promise<T> {
  if (!(response.headers.get('content-type') ?? '').includes('application/json')) throw new Error(`answered ${response.status}`);
  return (await response.json()) as T;
}

/** The way to the server over HTTP. */
export function httpTransport(get: Fetch): Transport & { readonly handIn: HandIn } {
  return {
    send: async (batch) =>
      answerOf<ApplyResult>(
        await get('/api/operations', {
          method: 'POST',
          body: JSON.stringify(batch.length === 1 ? batch[0] : { together: batch }),
          headers: { 'content-type': 'application/json' },
        }),
      ),
    async news(visitId, known) {
      const response = await get(`/api/visits/${visitId}`, {
        cache: 'no-store',
        headers: known ? { 'if-none-match': tagOf(known) } : {},
      });
      if (response.status === 304) return { kind: 'same' };
      if (!response.ok) return undefined;
      const news = await answerOf<Exclude<VisitNews, { kind: 'visit' }> | { kind: 'visit'; text: string }>(response);
      return news.kind === 'visit' ? { kind: 'visit', ...readVisitText(news.text) } : news;
    },
    handIn: async (hash, file) =>
      answerOf<Handed>(
        await get(`/api/pictures/${hash}`, {
          method: 'PUT',
          body: file,
          headers: { 'content-type': 'application/octet-stream' },
        }),
      ),
  };
}
