import { z } from 'zod';
import { PHOTO_LIMITS, PHOTO_SETTINGS } from '@/core/formats/judgement-writes';
import { bodyOf } from '@/server/http/body-of';
import { addPhoto } from '@/server/photos/photos';

type Context = { readonly params: Promise<{ visitId: string; roomId: string }> };

const asked = z.object({ roomId: z.uuid(), settings: z.enum(PHOTO_SETTINGS) });

/** Takes in a photograph (the body); answers the result of the write. */
export async function POST(request: Request, { params }: Context) {
  const settings = new URL(request.url).searchParams.get('settings') ?? 'unknown';
  const parsed = asked.safeParse({ roomId: (await params).roomId, settings });
  if (!parsed.success) return Response.json({ ok: false, reason: 'invalid', issues: [] }, { status: 400 });
  const bytes = await bodyOf(request, PHOTO_LIMITS.mostBytes);
  if (!bytes) return Response.json({ ok: false, reason: 'too-large' }, { status: 413 });
  return Response.json(await addPhoto(parsed.data.roomId, bytes, parsed.data.settings));
}
