import { z } from 'zod';
import { pictureOf } from '@/server/photos/photos';

type Context = { readonly params: Promise<{ visitId: string; roomId: string; photoId: string }> };

/** The picture of a photograph. It never changes, so the browser may keep it. */
export async function GET(_: Request, { params }: Context) {
  const { roomId, photoId } = await params;
  const ids = z.tuple([z.uuid(), z.uuid()]).safeParse([roomId, photoId]);
  const jpeg = ids.success ? await pictureOf(roomId, photoId) : undefined;
  if (!jpeg) return new Response('There is no such photograph.', { status: 404 });
  return new Response(new Uint8Array(jpeg), {
    headers: { 'content-type': 'image/jpeg', 'cache-control': 'private, max-age=31536000, immutable' },
  });
}
