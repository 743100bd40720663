import { z } from 'zod';
import { idSchema } from '../base/fields';
import { has, having, undone } from './events';
import { roomOperation } from './operation';

/** Takes back what was said of a colour alone, or puts it back. */
export const intensityUndo = roomOperation(
  z.strictObject({
    name: z.literal('intensity.undo'),
    roomId: idSchema,
    intensityId: idSchema,
    undone: z.boolean().default(true),
  }),
  (room, { intensityId, undone: is }) =>
    having([['what was said', has(room.intensities, intensityId)]], () => ({
      ...room,
      intensities: undone(room.intensities, intensityId, is),
    })),
);
