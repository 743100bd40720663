import { z } from 'zod';
import { idSchema } from '../base/fields';
import { has, having, undone } from './events';
import { roomOperation } from './operation';

/** Takes a verdict back; it stays in the record as undone. */
export const verdictUndo = roomOperation(
  z.strictObject({ name: z.literal('verdict.undo'), roomId: idSchema, verdictId: idSchema }),
  (room, { verdictId }) =>
    having([['verdict', has(room.verdicts, verdictId)]], () => ({ ...room, verdicts: undone(room.verdicts, verdictId) })),
);
