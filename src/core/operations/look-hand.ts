import { z } from 'zod';
import { idSchema } from '../base/fields';
import { lookHandSchema } from '@/core/record/look-hand';
import { added, has, having } from './events';
import { operation } from './operation';
import { everyOne } from './retire';
import { roomsOf } from '@/core/record/visit';

const { key, lookIds } = lookHandSchema.shape;

/** Hands looks to the client: what comes back must carry the key. */
export const lookHand = operation(
  z.strictObject({ name: z.literal('look.hand'), visitId: idSchema, handId: idSchema, key, lookIds }),
  (visit, { handId, key: secret, lookIds: ids }, { at }) => {
    const looks = roomsOf(visit).flatMap((r) => everyOne(r, 'looks'));
    return having([['look', ids.every((id) => has(looks, id))]], () => ({
      ...visit,
      hands: added(visit.hands, { id: handId, key: secret, lookIds: ids, at }),
    }));
  },
);
