import { wholeDeck } from '@/server/deck/queries';

/** The whole deck as JSON, for the deck step. */
export async function GET() {
  return Response.json(await wholeDeck(), { headers: { 'cache-control': 'no-cache' } });
}
