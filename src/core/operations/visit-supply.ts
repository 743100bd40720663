import { z } from 'zod';
import { idSchema } from '../base/fields';
import { supplySchema } from '@/core/record/supply';
import { operation } from './operation';

/** Says what quantities are worked out by: spreading rates, waste, where the paint is bought. */
export const visitSupply = operation(
  z.strictObject({ name: z.literal('visit.supply'), visitId: idSchema, supply: supplySchema }),
  (visit, { supply }) => ({ ...visit, supply }),
);
