import { z } from 'zod';
import { idSchema } from '../base/fields';
import { intensitySchema } from '@/core/record/intensity';
import { keptLightOf } from '@/core/derived/judging-light';
import { KEPT_LIGHTS } from '../room/facing';
import { added, has, having } from './events';
import { roomOperation } from './operation';
import { everyOne } from './retire';

const schema = z
  .strictObject({
    name: z.literal('intensity.give'),
    roomId: idSchema,
    ...intensitySchema.omit({ id: true, at: true, undone: true }).shape,
    light: z.enum(KEPT_LIGHTS),
    seen: intensitySchema.shape.seen.default(null),
  })
  .refine((v) => v.moment === null || v.light === keptLightOf(v.moment), {
    path: ['light'],
    error: 'The light of a verdict is that of its moment.',
  });

/** An eye says what it makes of the intensity of a candidate that stands alone. */
export const intensityGive = roomOperation(schema, (room, { name: _, roomId: __, ...given }, { id, at }) =>
  having([['colour', has(everyOne(room, 'candidates'), given.candidateId)]], () => ({
    ...room,
    intensities: added(room.intensities, { id, at, ...given, undone: false }),
  })),
);
