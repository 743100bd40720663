import { z } from 'zod';
import { latitudeSchema, longitudeSchema } from '@/core/light/measures';
import { askPlaces } from '@/server/places/ask-places';
import { timeZoneAt } from '@/server/places/time-zone-at';

const asked = z.union([
  z.strictObject({ q: z.string().min(1).max(120) }),
  z.strictObject({ latitude: z.coerce.number().pipe(latitudeSchema), longitude: z.coerce.number().pipe(longitudeSchema) }),
]);

/** Towns by name (`q`), or the time zone of coordinates. */
export async function GET(request: Request): Promise<Response> {
  const query = asked.safeParse(Object.fromEntries(new URL(request.url).searchParams));
  if (!query.success) return Response.json({ error: 'a name, or a latitude and a longitude' }, { status: 400 });
  if ('q' in query.data) return Response.json(await askPlaces(query.data.q));
  return Response.json({ timeZone: timeZoneAt(query.data.latitude, query.data.longitude) });
}
