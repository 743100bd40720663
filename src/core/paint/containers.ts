import { M2_PER_SQ_FT } from '../units/area';
import { LITRES_PER_GALLON } from '../units/volume';

/** Litres in one US fluid ounce: a gallon has 128. */
const LITRES_PER_FL_OZ = LITRES_PER_GALLON / 128;

/** What paint and samples are sold in; volumes in litres. */
export const CONTAINERS = {
  'sample-jar': { name: 'sample jar, 4 fl oz', litres: 4 * LITRES_PER_FL_OZ },
  pint: { name: 'test pot, 1 US pint', litres: 16 * LITRES_PER_FL_OZ },
  quart: { name: 'quart', litres: 32 * LITRES_PER_FL_OZ },
  gallon: { name: 'gallon', litres: 128 * LITRES_PER_FL_OZ },
  pail: { name: '5 gallons', litres: 640 * LITRES_PER_FL_OZ },
  'litre-0-5': { name: '0.5 litre', litres: 0.5 },
  litre: { name: '1 litre', litres: 1 },
  'litre-2-5': { name: '2.5 litres', litres: 2.5 },
  'litre-5': { name: '5 litres', litres: 5 },
  'litre-10': { name: '10 litres', litres: 10 },
} as const satisfies Record<string, { name: string; litres: number }>;
export type Container = keyof typeof CONTAINERS;

/** Area in m² that a sample covers, two coats included: a pot up to 30 sq ft, a jar 2 ft by 4 ft. Common practice, no source. */
export const SAMPLE_COVERAGE_M2 = { pint: 30 * M2_PER_SQ_FT, 'sample-jar': 2 * 4 * M2_PER_SQ_FT } as const;
