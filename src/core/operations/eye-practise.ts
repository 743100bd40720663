import { z } from 'zod';
import { practiceSetSchema } from '@/core/record/eye';
import { operation } from './operation';

/** Keeps what was answered in one sitting of practice, under the operation's id and time. */
export const eyePractise = operation(
  z.strictObject({
    name: z.literal('eye.practise'),
    exercise: practiceSetSchema.shape.exercise,
    answers: practiceSetSchema.shape.answers,
  }),
  (visit) => visit,
);
