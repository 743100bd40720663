import { z } from 'zod';
import { day as dayOf } from '@/core/engine/day';
import type { Light } from '@/core/engine/light-protocol';
import { toTheEnd } from '@/core/engine/steps';
import { latitudeSchema, longitudeSchema } from '@/core/light/measures';
import { SKIES } from '@/core/light/outdoors';
import { roomSchema } from '@/core/light/room-description';
import { isTimeZone } from '@/core/light/time-zone';

/** What `bin/core day` is asked: a room, where it is, a date there, and one sky for all of it or one for each hour of the clock. */
export const daySchema = z.strictObject({
  room: roomSchema,
  place: z.strictObject({ latitude: latitudeSchema, longitude: longitudeSchema }),
  date: z.iso.date(),
  zone: z.string().max(60).refine(isTimeZone, 'a time zone such as Europe/London'),
  skies: z.union([z.enum(SKIES), z.array(z.enum(SKIES)).length(24)]).default('clear'),
});

const figures = ({ lux, cctK, duv }: Light) => ({ lux, cct: cctK, duv });

/** `day`: what falls on the room's usual positions every quarter of an hour of a day, by day and by the lamps, and when sun enters. */
export function day(request: Record<string, unknown>) {
  const asked = daySchema.parse(request);
  const found = toTheEnd(dayOf(asked));
  if (!found.ok) throw new RangeError(found.reason === 'cannot-be' ? found.says : found.reason);
  const instant = (m: number) => new Date(found.moments[m]!).toISOString();
  return {
    positions: found.positions,
    moments: found.moments.map((_, m) => ({
      at: instant(m),
      sky: found.skies[m],
      sun: { azimuth: found.sun[m]!.azimuthDeg, altitude: found.sun[m]!.altitudeDeg },
      daylight: found.daylight[m]!.map(figures),
      withLamps: found.withLamps[m]!.map(figures),
    })),
    lamps: found.lamps.map(figures),
    /** By window: the stretches in which a clear sky would send sun through it, first and last moment. */
    sun: found.sunHours.map((stretches) => stretches.map(([first, last]) => [instant(first), instant(last)])),
    daylightFactor: found.daylightFactor,
  };
}
