import { attachment } from '@/server/exports/file-name';
import { handFile } from '@/server/looks/hand-file';

type Context = { readonly params: Promise<{ visitId: string; handId: string; file: string }> };

/** What a client is given of a hand-out: a page for the phone, cards to print, a calendar. */
export async function GET(_request: Request, { params }: Context) {
  const { visitId, handId, file } = await params;
  const made = await handFile(visitId, handId, file);
  return made ? attachment(made, 'looks') : new Response('Nothing is kept here.', { status: 404 });
}
