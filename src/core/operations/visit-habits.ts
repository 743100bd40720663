import { z } from 'zod';
import { idSchema } from '../base/fields';
import { chosenHabitsSchema } from '../units/habits';
import { operation } from './operation';

/** Says how a visit speaks where it is otherwise than is usual at its place: clock, dates, paper, words, tint, currency. */
export const visitHabits = operation(
  z.strictObject({ name: z.literal('visit.habits'), visitId: idSchema, habits: chosenHabitsSchema }),
  (visit, { habits }) => ({ ...visit, habits }),
);
