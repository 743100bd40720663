import { z } from 'zod';
import { idSchema } from '../base/fields';
import { meterReadingSchema } from '@/core/record/meter-reading';
import { added } from './events';
import { roomOperation } from './operation';

/** What of a reading is said when it is taken. */
export const takenReadingSchema = meterReadingSchema.omit({ id: true, at: true, undone: true });

/** Keeps a light meter's reading. */
export const lightRead = roomOperation(
  z.strictObject({ name: z.literal('light.read'), roomId: idSchema, ...takenReadingSchema.shape }),
  (room, { name: _, roomId: __, ...taken }, { id, at }) => ({
    ...room,
    readings: added(room.readings, { id, at, ...taken, undone: false }),
  }),
);
