import { z } from 'zod';
import { idSchema } from '../base/fields';
import { visitBriefFields } from '@/core/record/visit';
import { operation } from './operation';
import { optionalOf, statedOf } from './stated';

/** Says what is agreed for the whole home; what is left out stays as it is. */
export const visitBrief = operation(
  z.strictObject({ name: z.literal('visit.brief'), visitId: idSchema, ...optionalOf(visitBriefFields) }),
  (visit, { name: _, visitId: __, ...said }) => ({ ...visit, ...statedOf(said) }),
);
