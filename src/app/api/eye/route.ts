import { idSchema } from '@/core/base/fields';
import { eyesOf } from '@/server/eye/eye';
import { visitFields } from '@/server/visits/queries';

/** The eyes that may be judged for in a visit (`?visit=ID`): how much each minds what, and in words; null for the shipped model. */
export async function GET(request: Request): Promise<Response> {
  const id = idSchema.safeParse(new URL(request.url).searchParams.get('visit'));
  const visit = id.success ? await visitFields(id.data) : undefined;
  const eyes = await eyesOf(visit?.id, visit?.people.clientName || undefined);
  return Response.json(eyes, { headers: { 'cache-control': 'no-store' } });
}
