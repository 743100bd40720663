import { z } from 'zod';
import { idSchema } from '../base/fields';
import { has, having, undone } from './events';
import { roomOperation } from './operation';

/** Takes a reaction of the client back, or puts it back. */
export const reactionUndo = roomOperation(
  z.strictObject({ name: z.literal('reaction.undo'), roomId: idSchema, reactionId: idSchema, undone: z.boolean() }),
  (room, { reactionId, undone: is }) =>
    having([['reaction', has(room.reactions, reactionId)]], () => ({
      ...room,
      reactions: undone(room.reactions, reactionId, is),
    })),
);
