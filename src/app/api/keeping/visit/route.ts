import { MOST_VISIT_FILE_BYTES } from '@/server/archive/read-visit-file';
import { bodyOf, tokenOf } from '@/server/http/body-of';
import { answered } from '@/server/keeping/answers';
import { previewFile, soFar, takeFile } from '@/server/keeping/visit-in';

/** Reads and checks a visit's file (the body); answers what it would bring in. Keeps nothing. */
export async function PUT(request: Request): Promise<Response> {
  const bytes = await bodyOf(request, MOST_VISIT_FILE_BYTES);
  if (!bytes)
    return Response.json({ error: `The file is larger than ${MOST_VISIT_FILE_BYTES / 1024 ** 2} MB.` }, { status: 413 });
  return answered(() => previewFile(bytes));
}

/** Takes in what was previewed: `{ "token": … }`; answers the visit's id. */
export async function POST(request: Request): Promise<Response> {
  const token = await tokenOf(request);
  if (token === undefined) return Response.json({ error: 'Choose a file first.' }, { status: 400 });
  return answered(() => takeFile(token));
}

/** How far the visit under `?token=` is brought in: `{ done, of }`, or nothing when none is. */
export const GET = (request: Request): Promise<Response> =>
  answered(() => Promise.resolve(soFar(new URL(request.url).searchParams.get('token') ?? '')));
