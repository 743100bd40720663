import { sayTrouble } from '../folder/trouble';
import { ArchiveRefused } from '../archive/zip';

/** What `work` gives as JSON; what it refuses, or the disk does, as words for the person. */
export async function answered(work: () => Promise<object>): Promise<Response> {
  const headers = { 'cache-control': 'no-store' };
  try {
    return Response.json(await work(), { headers });
  } catch (e) {
    if (!(e instanceof ArchiveRefused)) console.error('not done', e);
    return Response.json({ error: sayTrouble(e) }, { status: 422, headers });
  }
}
