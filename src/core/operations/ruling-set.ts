import { z } from 'zod';
import { idSchema } from '../base/fields';
import { rulingSchema } from '@/core/record/ruling';
import { added, has, having } from './events';
import { roomOperation } from './operation';
import { everyOne } from './retire';

const said = rulingSchema.omit({ id: true, at: true }).shape;

/** Rules on a candidate by hand, or gives it back to the derived ruling. */
export const rulingSet = roomOperation(
  z.strictObject({ name: z.literal('ruling.set'), roomId: idSchema, ...said }),
  (room, { name: _, roomId: __, ...set }, { id, at }) =>
    having([['colour', has(everyOne(room, 'candidates'), set.candidateId)]], () => ({
      ...room,
      rulings: added(room.rulings, { id, at, ...set }),
    })),
);
