import { deckTrouble, notTaken, previewDeck, takeDeck } from '@/server/deck-files/import';
import { bodyOf, tokenOf } from '@/server/http/body-of';
import { MOST_BYTES } from '@/server/deck-files/read-file';

const TOO_LARGE = `The file is larger than ${MOST_BYTES / 1024 / 1024} MB.`;

/** Reads and checks a deck file (the body, its name in `name`); answers lines of JSON: progress, then the preview. Writes nothing. */
export async function PUT(request: Request) {
  const bytes = await bodyOf(request, MOST_BYTES);
  if (!bytes) return Response.json({ error: TOO_LARGE }, { status: 413 });
  const name = (new URL(request.url).searchParams.get('name') ?? 'deck').slice(0, 200);
  const encoder = new TextEncoder();
  // given up by the page, or the page is gone: reading ends
  const gone = new AbortController();
  request.signal.addEventListener('abort', () => gone.abort(), { once: true });
  const stream = new ReadableStream<Uint8Array>({
    async start(controller) {
      const say = (line: object) => controller.enqueue(encoder.encode(`${JSON.stringify(line)}\n`));
      try {
        const progress = async (done: number, total: number) => say({ done, total });
        say({ preview: await previewDeck({ bytes, name }, progress, gone.signal) });
      } catch (error) {
        if (gone.signal.aborted) return;
        say({ error: deckTrouble(error) });
      }
      controller.close();
    },
    cancel: () => gone.abort(),
  });
  return new Response(stream, { headers: { 'content-type': 'application/x-ndjson', 'cache-control': 'no-store' } });
}

/** Takes in what was previewed: `{ "token": … }`. */
export async function POST(request: Request) {
  const token = await tokenOf(request);
  if (token === undefined) return Response.json({ ok: false, reason: 'invalid', issues: [] }, { status: 400 });
  return Response.json(await takeDeck(token).catch((e: unknown) => notTaken(e)));
}
