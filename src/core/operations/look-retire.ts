import { z } from 'zod';
import { idSchema } from '../base/fields';
import { byNumber } from '../record/look';
import { roomOperation } from './operation';
import { setRetired } from './retire';

/** Takes a look off the plan as if it had never been kept, or puts it back. */
export const lookRetire = roomOperation(
  z.strictObject({ name: z.literal('look.retire'), roomId: idSchema, lookId: idSchema, retired: z.boolean() }),
  (room, { lookId, retired }) => setRetired(room, 'looks', { id: lookId, retired, what: 'look', order: byNumber }),
);
