import { z } from 'zod';
import { idSchema } from '../base/fields';
import { lookAnswerSchema } from '@/core/record/look-answer';
import { added, has, having } from './events';
import { roomOperation } from './operation';
import { everyOne } from './retire';

/** What the client answered of a colour at a look, read in from their file. */
export const lookAnswer = roomOperation(
  z.strictObject({
    name: z.literal('look.answer'),
    roomId: idSchema,
    ...lookAnswerSchema.omit({ id: true, at: true, undone: true }).shape,
  }),
  (room, { name: _, roomId: __, ...said }, { id, at }) =>
    having(
      [
        ['look', has(everyOne(room, 'looks'), said.lookId)],
        ['colour', has(everyOne(room, 'candidates'), said.candidateId)],
      ],
      () => ({ ...room, answers: added(room.answers, { id, at, ...said, undone: false }) }),
    ),
);
