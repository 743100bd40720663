import { z } from 'zod';
import { idSchema } from '../base/fields';
import { has, having, undone } from './events';
import { roomOperation } from './operation';

/** Takes a reading back, or puts it back. */
export const lightUnread = roomOperation(
  z.strictObject({ name: z.literal('light.unread'), roomId: idSchema, readingId: idSchema, undone: z.boolean().default(true) }),
  (room, { readingId, undone: is }) =>
    having([['reading', has(room.readings, readingId)]], () => ({ ...room, readings: undone(room.readings, readingId, is) })),
);
