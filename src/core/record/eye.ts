import { z } from 'zod';
import { idSchema, instantSchema } from '../base/fields';
import { PRACTISED } from '../eye/exercises';

/** One answer in practice: what was asked can be made again of exercise, seed and level. */
export const practiceAnswerSchema = z.strictObject({
  seed: z
    .int()
    .min(0)
    .max(2 ** 31),
  /** How far apart things were, in the measure of the exercise. */
  level: z.number().gt(0).max(100),
  right: z.boolean(),
});
export type PracticeAnswer = Readonly<z.infer<typeof practiceAnswerSchema>>;

/** What was answered in one sitting. */
export const practiceSetSchema = z.strictObject({
  id: idSchema,
  at: instantSchema,
  exercise: z.enum(PRACTISED),
  answers: z.array(practiceAnswerSchema).min(1).max(500),
});
export type PracticeSet = Readonly<z.infer<typeof practiceSetSchema>>;

export const eyeSettingsFields = {
  /** Whether what is predicted follows what this eye has said in rooms. */
  learns: z.boolean().default(true),
  /** When the screen was looked at last, as practice asks; null before. */
  screenSeen: instantSchema.nullable().default(null),
  /** Practice and verdicts of before these are not counted: nothing is deleted, and it can be taken back. */
  practiceFrom: instantSchema.nullable().default(null),
  verdictsFrom: instantSchema.nullable().default(null),
};
/** How the consultant's eye is practised and learnt from, in one data folder. */
export const eyeSettingsSchema = z.strictObject(eyeSettingsFields);
export type EyeSettings = Readonly<z.infer<typeof eyeSettingsSchema>>;
export const USUAL_EYE: EyeSettings = eyeSettingsSchema.parse({});
