import { z } from 'zod';
import { idSchema } from '../base/fields';
import { peopleFields } from '@/core/record/people';
import { operation } from './operation';
import { optionalOf, statedOf } from './stated';

/** Says who is to be reached about a visit; what is left out stays as it is. */
export const visitPeople = operation(
  z.strictObject({ name: z.literal('visit.people'), visitId: idSchema, ...optionalOf(peopleFields) }),
  (visit, { name: _, visitId: __, ...said }) => ({ ...visit, people: { ...visit.people, ...statedOf(said) } }),
);
