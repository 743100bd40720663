import { openExample } from '@/server/demo/open-example';

/** Puts the made-up visit into a folder that has no visit yet. */
export async function POST(): Promise<Response> {
  await openExample();
  return Response.json({ ok: true });
}
