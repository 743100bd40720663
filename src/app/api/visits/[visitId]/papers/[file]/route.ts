import { attachment } from '@/server/exports/file-name';
import { paperFile } from '@/server/papers/paper-file';

type Context = { readonly params: Promise<{ visitId: string; file: string }> };

/** What is handed over: the client's sheet, the painter's schedule, the counter's order, each as a PDF or CSV. */
export async function GET(_request: Request, { params }: Context) {
  const { visitId, file } = await params;
  const made = await paperFile(visitId, file);
  return made ? attachment(made, file.replace(/\..*$/, '')) : new Response('Nothing is kept here.', { status: 404 });
}
