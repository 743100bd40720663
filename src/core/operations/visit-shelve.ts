import { z } from 'zod';
import { idSchema } from '../base/fields';
import { SHELVES } from '@/core/record/visit';
import { operation } from './operation';

/** Puts a visit away, throws it away, or takes it up again. Nothing of it is lost by that. */
export const visitShelve = operation(
  z.strictObject({ name: z.literal('visit.shelve'), visitId: idSchema, shelf: z.enum(SHELVES) }),
  (visit, { shelf }) => ({ ...visit, shelf }),
);
