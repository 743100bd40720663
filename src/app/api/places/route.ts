import { z } from 'zod';
import { latitudeSchema, longitudeSchema } from '@/core/light/measures';
import { findPlaces, timeZoneAt } from '@/server/places/find-places';

const asked = z.union([
  z.strictObject({ q: z.string().min(1).max(120) }),
  z.strictObject({ latitude: z.coerce.number().pipe(latitudeSchema), longitude: z.coerce.number().pipe(longitudeSchema) }),
]);

/** Towns by name (`q`), or the time zone of coordinates. */
export function GET(request: Request): Response {
  const query = asked.safeParse(Object.fromEntries(new URL(request.url).searchParams));
  if (!query.success) return Response.json({ error: 'a name, or a latitude and a longitude' }, { status: 400 });
  if ('q' in query.data) return Response.json(findPlaces(query.data.q));
  return Response.json({ timeZone: timeZoneAt(query.data.latitude, query.data.longitude) });
}
