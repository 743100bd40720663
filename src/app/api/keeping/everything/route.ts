import { answered } from '@/server/keeping/answers';
import { everything } from '@/server/keeping/kept';

/** Everything of the data folder as one file: what `bin/restore` takes. */
export async function GET(): Promise<Response> {
  const made = await everything().catch((e: unknown) => e);
  if (made === null || typeof made !== 'object' || !('stream' in made))
    return answered(() => Promise.reject(made instanceof Error ? made : new Error(String(made))));
  const { stream, bytes } = made as Awaited<ReturnType<typeof everything>>;
  return new Response(stream, {
    headers: {
      'content-type': 'application/zip',
      'content-length': String(bytes),
      'content-disposition': `attachment; filename="elm-swatch-${new Date().toISOString().slice(0, 10)}.zip"`,
      'cache-control': 'no-store',
    },
  });
}
