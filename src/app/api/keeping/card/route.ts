import { consultantCard } from '@/server/keeping/consultant-card';

/** The card of whoever hands papers over. */
export async function GET(): Promise<Response> {
  return Response.json(await consultantCard(), { headers: { 'cache-control': 'no-store' } });
}
