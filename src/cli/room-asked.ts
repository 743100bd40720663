import { z } from 'zod';
import type { LitRoom } from '@/core/engine/lit-room';
import { SCHOOLS } from '@/core/judge/kinds';
import { judgedThingSchema } from '@/core/judge/judge-request';
import { DEFAULT_SCHOOLS, DIM_WHITE_SCHOOLS, FIGHTING_LIGHT_SCHOOLS } from '@/core/judge/light-schools';
import { WISHES } from '@/core/judge/wish';
import { latitudeSchema, longitudeSchema } from '@/core/light/measures';
import { roomSchema } from '@/core/light/room-description';
import { isTimeZone } from '@/core/light/time-zone';
import { ROOM_KINDS, ROOM_USES, skySharesSchema } from '@/core/room/use';
import { deckSchema } from './deck-samples';

/** A room as it is asked about, what stays in it, and a deck. */
export const roomAskedSchema = z.object({
  room: roomSchema,
  place: z.strictObject({ latitude: latitudeSchema, longitude: longitudeSchema }),
  date: z.iso.date(),
  zone: z.string().max(60).refine(isTimeZone, 'a time zone such as Europe/London'),
  stays: z.array(judgedThingSchema.extend({ school: z.enum(SCHOOLS).default('share') })).max(50),
  wish: z.enum(WISHES).nullable().default(null),
  moreWishes: z.array(z.enum(WISHES)).max(4).default([]),
  schools: z
    .object({
      dimWhite: z.enum(DIM_WHITE_SCHOOLS).default(DEFAULT_SCHOOLS.dimWhite),
      fightingLight: z.enum(FIGHTING_LIGHT_SCHOOLS).default(DEFAULT_SCHOOLS.fightingLight),
    })
    .default(DEFAULT_SCHOOLS),
  use: z.enum(ROOM_USES).default('all'),
  kind: z.enum(ROOM_KINDS).default('other'),
  /** How often each sky is met; usual shares where it is left out. */
  climate: skySharesSchema.nullable().default(null),
  position: z.string().max(40).default('wall-2'),
  ...deckSchema.shape,
});

type Asked = Pick<z.infer<typeof roomAskedSchema>, 'room' | 'place' | 'date' | 'zone' | 'use' | 'climate' | 'position'>;
/** The room as its light is asked for. */
export const litOf = ({ room, place, date, zone, use, climate, position }: Asked): LitRoom => ({
  day: { room, place, date, zone },
  lookIn: { position, lampsOn: false, scale: 1 },
  usedFor: { use, skies: climate },
});
