import { z } from 'zod';
import { idSchema } from '../base/fields';
import { has, having, undone } from './events';
import { roomOperation } from './operation';

/** Takes a reading back. */
export const lightUnread = roomOperation(
  z.strictObject({ name: z.literal('light.unread'), roomId: idSchema, readingId: idSchema }),
  (room, { readingId }) =>
    having([['reading', has(room.readings, readingId)]], () => ({ ...room, readings: undone(room.readings, readingId) })),
);
