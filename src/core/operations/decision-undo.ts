import { z } from 'zod';
import { idSchema } from '../base/fields';
import { isBehindSignature } from '../record/signed';
import { has, having, undone as taken } from './events';
import { roomOperation, type Refusal } from './operation';
import type { Room } from '../record/room';

/** Takes a decision back, or puts it back: what was said of its surfaces before holds again. What was signed is not reached. */
export const decisionUndo = roomOperation(
  z.strictObject({ name: z.literal('decision.undo'), roomId: idSchema, decisionId: idSchema, undone: z.boolean() }),
  (room, { decisionId, undone }) =>
    having([['decision', has(room.decisions, decisionId)]], (): Room | Refusal =>
      isBehindSignature(room, decisionId)
        ? { reason: 'signed' }
        : { ...room, decisions: taken(room.decisions, decisionId, undone) },
    ),
);
