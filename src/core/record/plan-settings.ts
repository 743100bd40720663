import { z } from 'zod';
import { instantSchema } from '../base/fields';
import { SKIES } from '../light/outdoors';

/** Differences (ΔE00) a plan can be made for. */
export const TOLERANCES = [2, 3, 4, 6] as const;

/**
 * Hours from the first coat of a sample of two coats until it can be judged: four to the second, four to dry. Common practice, no source.
 */
export const DRYING_HOURS = 8;

/** What looks are planned by. */
export const planSettingsSchema = z.strictObject({
  /** Changes of more than this (ΔE00) are to be seen. */
  toleranceE: z.number().min(1).max(10).default(3),
  /** Hours of the home's clock during which the consultant is in the house. */
  fromHour: z.number().min(0).max(24).default(10),
  toHour: z.number().min(0).max(24).default(13),
  /** Skies that are to be expected then. */
  skies: z.array(z.enum(SKIES)).max(3).readonly().default(SKIES),
  /** When samples were given their first coat; null: all are dry. */
  paintedAt: instantSchema.nullable().default(null),
});
export type PlanSettings = Readonly<z.infer<typeof planSettingsSchema>>;

/** Instant from which the samples are dry; null where none was painted. */
export const dryAt = ({ paintedAt }: Pick<PlanSettings, 'paintedAt'>): number | null =>
  paintedAt === null ? null : Date.parse(paintedAt) + DRYING_HOURS * 3_600_000;
