import { z } from 'zod';
import { idSchema } from '../base/fields';
import { planSettingsSchema } from '@/core/record/plan-settings';
import { operation } from './operation';

/** Says what looks are planned by: how large a change counts, the hours of the visit, the skies expected, wet samples. */
export const visitPlan = operation(
  z.strictObject({ name: z.literal('visit.plan'), visitId: idSchema, plan: planSettingsSchema }),
  (visit, { plan }) => ({ ...visit, plan }),
);
