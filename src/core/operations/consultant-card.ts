import { z } from 'zod';
import { consultantCardFields } from '@/core/record/consultant-card';
import { operation } from './operation';
import { optionalOf } from './stated';

/** Says who hands papers over, for all visits of a data folder; what is left out stays as it is. */
export const consultantCard = operation(
  z.strictObject({ name: z.literal('consultant.card'), ...optionalOf(consultantCardFields) }),
  (visit) => visit,
);
