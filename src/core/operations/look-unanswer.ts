import { z } from 'zod';
import { idSchema } from '../base/fields';
import { has, having, undone } from './events';
import { roomOperation } from './operation';

/** Takes a client's answer back, or puts it back. */
export const lookUnanswer = roomOperation(
  z.strictObject({ name: z.literal('look.unanswer'), roomId: idSchema, answerId: idSchema, undone: z.boolean().default(true) }),
  (room, { answerId, undone: is }) =>
    having([['answer', has(room.answers, answerId)]], () => ({ ...room, answers: undone(room.answers, answerId, is) })),
);
