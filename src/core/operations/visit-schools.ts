import { z } from 'zod';
import { idSchema } from '../base/fields';
import { DIM_WHITE_SCHOOLS, FIGHTING_LIGHT_SCHOOLS } from '../judge/light-schools';
import { operation } from './operation';

/** Chooses the school the visit follows where good consultants disagree. */
export const visitSchools = operation(
  z.strictObject({
    name: z.literal('visit.schools'),
    visitId: idSchema,
    dimWhite: z.enum(DIM_WHITE_SCHOOLS),
    fightingLight: z.enum(FIGHTING_LIGHT_SCHOOLS),
  }),
  (visit, { dimWhite, fightingLight }) => ({ ...visit, schools: { dimWhite, fightingLight } }),
);
