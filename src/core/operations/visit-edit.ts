import { z } from 'zod';
import { idSchema, int32Schema } from '../base/fields';
import { visitFieldsSchema } from '@/core/record/visit';
import { CHANGED_ELSEWHERE, operation } from './operation';

const { label, place, units } = visitFieldsSchema.shape;

/** Changes whose visit it is, where the home is, and the units. */
export const visitEdit = operation(
  z.strictObject({ name: z.literal('visit.edit'), visitId: idSchema, revision: int32Schema, label, place, units }),
  (visit, { revision, label, place, units }) =>
    revision === visit.revision ? { ...visit, label, place, units, revision: revision + 1 } : CHANGED_ELSEWHERE,
);
