import { sayTrouble } from '../folder/trouble';

/** What `work` gives as JSON; what it refuses, or the disk does, as words for the person. */
export async function answered(work: () => Promise<object>): Promise<Response> {
  const headers = { 'cache-control': 'no-store' };
  try {
    return Response.json(await work(), { headers });
  } catch (e) {
    if (!(e instanceof Error && e.name === 'ArchiveRefused')) console.error('not done', e);
    const partly = e instanceof Error && e.name === 'TakenInPart';
    return Response.json({ error: sayTrouble(e), ...(partly ? { partly } : {}) }, { status: 422, headers });
  }
}
