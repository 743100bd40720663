import { z } from 'zod';
import { idSchema } from '../base/fields';
import { byOrdinal } from '../record/by-ordinal';
import { roomOperation } from './operation';
import { setRetired } from './retire';

/** Takes a thing out of the room, or puts it back; its verdicts are kept. */
export const stayRetire = roomOperation(
  z.strictObject({ name: z.literal('stay.retire'), roomId: idSchema, stayId: idSchema, retired: z.boolean() }),
  (room, { stayId, retired }) => setRetired(room, 'stays', { id: stayId, retired, what: 'thing that stays', order: byOrdinal }),
);
