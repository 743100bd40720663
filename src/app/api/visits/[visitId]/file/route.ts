import { attachment } from '@/server/exports/file-name';
import { answered } from '@/server/keeping/answers';
import { visitToTake } from '@/server/keeping/visit-out';

/** A visit as one file: a zip of what was said and its pictures. */
export async function GET(_request: Request, { params }: { params: Promise<{ visitId: string }> }): Promise<Response> {
  const made = await visitToTake((await params).visitId).catch((e: unknown) => (e instanceof Error ? e : new Error(String(e))));
  if (made instanceof Error) return answered(() => Promise.reject(made));
  return made ? attachment(made, 'visit') : new Response('Nothing is kept here.', { status: 404 });
}
