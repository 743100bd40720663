import { z } from 'zod';
import { idSchema } from '../base/fields';
import { has, having, undone as taken } from './events';
import { roomOperation } from './operation';

/** Takes a decision back, or puts it back: what was said of its surfaces before holds again. */
export const decisionUndo = roomOperation(
  z.strictObject({ name: z.literal('decision.undo'), roomId: idSchema, decisionId: idSchema, undone: z.boolean() }),
  (room, { decisionId, undone }) =>
    having([['decision', has(room.decisions, decisionId)]], () => ({
      ...room,
      decisions: taken(room.decisions, decisionId, undone),
    })),
);
