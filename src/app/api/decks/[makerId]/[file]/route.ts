import { deckFile } from '@/server/deck-files/export';

/** A maker's deck to take away: `deck.json`, `deck.csv` or `deck.cgats`. */
export async function GET(_request: Request, { params }: { params: Promise<{ makerId: string; file: string }> }) {
  const { makerId, file } = await params;
  const made = await deckFile(makerId, file);
  if (!made) return new Response('Nothing is kept here.', { status: 404 });
  return new Response(made.body, {
    headers: {
      'content-type': made.type,
      'content-disposition': `attachment; filename="deck"; filename*=UTF-8''${encodeURIComponent(made.name)}`,
      'cache-control': 'no-store',
    },
  });
}
