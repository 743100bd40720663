import { z } from 'zod';
import { idSchema } from '../base/fields';
import { rulingSchema } from '../record/ruling';
import { added, has, having } from './events';
import { roomOperation } from './operation';
import { everyOne } from './retire';

const { candidateId, ruling, note } = rulingSchema.shape;

/** Rules on a candidate by hand, or gives it back to the derived ruling. */
export const rulingSet = roomOperation(
  z.strictObject({ name: z.literal('ruling.set'), roomId: idSchema, candidateId, ruling, note }),
  (room, { candidateId, ruling, note }, { id, at }) =>
    having([['colour', has(everyOne(room, 'candidates'), candidateId)]], () => ({
      ...room,
      rulings: added(room.rulings, { id, candidateId, ruling, note, at }),
    })),
);
