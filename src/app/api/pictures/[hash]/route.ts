import { PHOTO_LIMITS, pictureHashSchema } from '@/core/record/photo';
import { bodyOf } from '@/server/http/body-of';
import { keepPicture, pictureOf } from '@/server/pictures/pictures';

type Context = { readonly params: Promise<{ hash: string }> };

/** The picture of a photograph, a JPEG. */
export async function GET(_request: Request, { params }: Context) {
  const hash = pictureHashSchema.safeParse((await params).hash);
  const jpeg = hash.success ? await pictureOf(hash.data) : undefined;
  if (!jpeg) return Response.json({ error: 'no such picture' }, { status: 404 });
  // what a hash names never changes
  return new Response(new Uint8Array(jpeg), {
    headers: { 'content-type': 'image/jpeg', 'cache-control': 'private, max-age=31536000, immutable' },
  });
}

/** Takes in a picture (the body) under the hash of its file. */
export async function PUT(request: Request, { params }: Context) {
  const hash = pictureHashSchema.safeParse((await params).hash);
  if (!hash.success) return Response.json({ ok: false, reason: 'another-file' }, { status: 400 });
  const bytes = await bodyOf(request, PHOTO_LIMITS.mostBytes);
  if (!bytes) return Response.json({ ok: false, reason: 'too-large' }, { status: 413 });
  const kept = await keepPicture(hash.data, bytes);
  return Response.json(kept, { status: kept.ok ? 200 : 422 });
}
