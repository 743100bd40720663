import { z } from 'zod';
import { day as dayOf } from '@/core/engine/day';
import { daylightFactorOf } from '@/core/engine/daylight-factor-of';
import type { Light } from '@/core/engine/light-protocol';
import { toTheEnd } from '@/core/engine/steps';
import { usedLights, type UsedFor } from '@/core/engine/used-lights';
import { latitudeSchema, longitudeSchema } from '@/core/light/measures';
import { SKIES } from '@/core/light/outdoors';
import { roomSchema } from '@/core/light/room-description';
import { isTimeZone } from '@/core/light/time-zone';
import { ROOM_USES, skySharesSchema } from '@/core/room/use';

/** What `bin/core day` is asked: a room, where it is, a date there, and one sky for all of it or one for each hour of the clock. */
export const daySchema = z.strictObject({
  room: roomSchema,
  place: z.strictObject({ latitude: latitudeSchema, longitude: longitudeSchema }),
  date: z.iso.date(),
  zone: z.string().max(60).refine(isTimeZone, 'a time zone such as Europe/London'),
  /** When the room is used: answers the lights it is then used in, with their shares. */
  use: z.enum(ROOM_USES).optional(),
  climate: skySharesSchema.nullable().default(null),
  position: z.string().max(40).default('wall-2'),
  skies: z.union([z.enum(SKIES), z.array(z.enum(SKIES)).length(24)]).default('clear'),
});

type Asked = z.infer<typeof daySchema>;

const figures = ({ lux, cctK, duv }: Light) => ({ lux, cct: cctK, duv });

/** The lights a room is used in at a position, by kind. */
function lightsOf(day: Omit<Asked, 'use' | 'climate' | 'position'>, usedFor: UsedFor, position: string) {
  const { skies: _, ...of } = day;
  const found = toTheEnd(usedLights(of, { position, lampsOn: false, scale: 1 }, usedFor));
  return found.map(({ kind, judging, weight, scene, at }) => ({
    kind,
    light: judging,
    share: weight,
    at: kind === 'lamps' ? null : new Date(at).toISOString(),
    lux: scene.lux,
  }));
}

/** `day`: what falls on the room's usual positions every quarter of an hour of a day, by day and by the lamps, and when sun enters. */
export function day(request: Record<string, unknown>) {
  const asked = daySchema.parse(request);
  const { use, climate, position, ...ofDay } = asked;
  const found = toTheEnd(dayOf(ofDay));
  if (!found.ok) throw new RangeError(found.reason === 'cannot-be' ? found.says : found.reason);
  const factor = toTheEnd(daylightFactorOf(ofDay.room));
  if (!factor.ok) throw new RangeError(factor.reason);
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
    daylightFactor: { formula: factor.formula, computed: factor.computed },
    ...(use && { lights: lightsOf(ofDay, { use, skies: climate }, position) }),
  };
}
