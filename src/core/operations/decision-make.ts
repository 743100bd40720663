import { z } from 'zod';
import { idSchema } from '../base/fields';
import { choiceFields, choiceIssue, surfacesField } from '@/core/record/decision';
import { added, has, having } from './events';
import { roomOperation } from './operation';
import { everyOne } from './retire';

const schema = z
  .strictObject({ name: z.literal('decision.make'), roomId: idSchema, surfaces: surfacesField, ...choiceFields })
  .superRefine((write, context) => {
    const message = choiceIssue(write);
    if (message) context.addIssue({ code: 'custom', path: ['candidateId'], message });
  });

/** Decides how surfaces of a room are painted, that they stay as they are, or that they are open again. */
export const decisionMake = roomOperation(schema, (room, { name: _, roomId: __, ...said }, { id, at }) =>
  having([['colour', said.candidateId === null || has(everyOne(room, 'candidates'), said.candidateId)]], () => ({
    ...room,
    decisions: added(room.decisions, { id, ...said, at, undone: false }),
  })),
);
