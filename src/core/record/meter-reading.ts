import { z } from 'zod';
import { finite, idSchema, instantSchema } from '../base/fields';
import { SKIES } from '../light/outdoors';
import { positionNameSchema } from './verdict';

/** A light meter's reading, and the light it was taken in. */
export const meterReadingSchema = z.strictObject({
  id: idSchema,
  position: positionNameSchema,
  lux: finite('A reading is a number of lux.').min(0, 'A reading is not less than 0 lx.').max(200_000, 'At most 200,000 lx.'),
  cctK: finite('A temperature is a number of kelvin.')
    .min(1000, 'A temperature lies between 1,000 and 50,000 K.')
    .max(50_000, 'A temperature lies between 1,000 and 50,000 K.')
    .nullable(),
  /** What the core had computed for that place and moment when it was read, uncorrected, lux. */
  computedLux: z.number().min(0).max(1_000_000),
  sky: z.enum(SKIES),
  lampsOn: z.boolean(),
  at: instantSchema,
  undone: z.boolean(),
});
export type LightMeterReading = Readonly<z.infer<typeof meterReadingSchema>>;
