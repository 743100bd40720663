import { z } from 'zod';
import { idSchema } from '../base/fields';
import { reactionSchema } from '@/core/record/reaction';
import { added, has, having } from './events';
import { roomOperation } from './operation';
import { everyOne } from './retire';

/** The client says what they make of a colour. */
export const reactionGive = roomOperation(
  z.strictObject({
    name: z.literal('reaction.give'),
    roomId: idSchema,
    ...reactionSchema.omit({ id: true, at: true, undone: true }).shape,
  }),
  (room, { name: _, roomId: __, ...given }, { id, at }) =>
    having([['colour', has(everyOne(room, 'candidates'), given.candidateId)]], () => ({
      ...room,
      reactions: added(room.reactions, { id, at, ...given, undone: false }),
    })),
);
