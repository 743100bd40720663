import { z } from 'zod';
import { idSchema } from '../base/fields';
import { has, having, undone } from './events';
import { roomOperation } from './operation';

/** Takes a verdict back, or puts it back; it stays in the record either way. */
export const verdictUndo = roomOperation(
  z.strictObject({ name: z.literal('verdict.undo'), roomId: idSchema, verdictId: idSchema, undone: z.boolean().default(true) }),
  (room, { verdictId, undone: is }) =>
    having([['verdict', has(room.verdicts, verdictId)]], () => ({ ...room, verdicts: undone(room.verdicts, verdictId, is) })),
);
