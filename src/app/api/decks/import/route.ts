import { previewDeck, takeDeck } from '@/server/deck-files/import';
import { bodyOf } from '@/server/http/body-of';
import { MOST_BYTES } from '@/server/deck-files/read-file';

const TOO_LARGE = `The file is larger than ${MOST_BYTES / 1024 / 1024} MB.`;

/** Reads and checks a deck file (the body, its name in `name`); answers lines of JSON: progress, then the preview. Writes nothing. */
export async function PUT(request: Request) {
  const bytes = await bodyOf(request, MOST_BYTES);
  if (!bytes) return Response.json({ error: TOO_LARGE }, { status: 413 });
  const name = (new URL(request.url).searchParams.get('name') ?? 'deck').slice(0, 200);
  const encoder = new TextEncoder();
  const stream = new ReadableStream<Uint8Array>({
    async start(controller) {
      const say = (line: object) => controller.enqueue(encoder.encode(`${JSON.stringify(line)}\n`));
      try {
        const preview = await previewDeck(bytes, name, async (done, total) => {
          say({ done, total });
          await new Promise((resolve) => setImmediate(resolve));
        });
        say({ preview });
      } catch (error) {
        console.error('deck preview failed', error);
        say({ error: 'The file could not be read.' });
      }
      controller.close();
    },
  });
  return new Response(stream, { headers: { 'content-type': 'application/x-ndjson', 'cache-control': 'no-store' } });
}

/** Takes in what was previewed: `{ "token": … }`. */
export async function POST(request: Request) {
  const body = (await request.json().catch(() => undefined)) as { token?: unknown } | undefined;
  if (typeof body?.token !== 'string') return Response.json({ ok: false, reason: 'invalid', issues: [] }, { status: 400 });
  return Response.json(await takeDeck(body.token));
}
