import { z } from 'zod';
import { labTupleSchema } from '../colour/colour-schema';
import { JUDGED_KINDS, SCHOOLS } from './kinds';

const componentSchema = z.object({
  name: z.string().max(80).default('colour'),
  share: z.number().gt(0).max(1),
  lab: labTupleSchema,
});

/** A thing that stays, by the Lab of its components. */
export const judgedThingSchema = z.object({
  name: z.string().max(200).default('what stays'),
  kind: z.enum(JUDGED_KINDS),
  components: z
    .array(componentSchema)
    .min(1)
    .max(50)
    .refine((all) => all.reduce((s, c) => s + c.share, 0) <= 1.001, 'the shares add up to more than 1'),
});

/** One case for the relation model: what stays, the candidate, and under what. */
export const judgeSchema = z.object({
  stays: judgedThingSchema,
  candidate: z.object({ name: z.string().max(200).optional(), lab: labTupleSchema }),
  light: z.object({ cct: z.number().min(1000).max(25000), lux: z.number().positive().max(200000).optional() }).optional(),
  school: z.enum(SCHOOLS).default('share'),
});
