import { z } from 'zod';
import { idSchema, nameSchema, textSchema } from '../base/fields';
import { labSchema, spectrumSchema } from '../colour/colour-schema';
import { reflectanceFromLab } from '../colour/reflectance';

/** Where a recorded colour came from. */
export const sourceSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('colorimeter'),
    surface: nameSchema,
    readings: z.int().min(3).max(99),
    /** Largest ΔE00 between a reading and their mean. */
    spread: z.number().min(0).max(100),
  }),
  z.strictObject({ kind: z.literal('deck'), deckColourId: textSchema(200), label: nameSchema }),
  z.strictObject({ kind: z.literal('hex'), hex: z.string().regex(/^#[0-9a-f]{6}$/) }),
  z.strictObject({ kind: z.literal('spectrophotometer'), surface: nameSchema, spectrum: spectrumSchema }),
  z.strictObject({ kind: z.literal('lab') }),
  /** What such a material usually is, from memory. */
  z.strictObject({ kind: z.literal('typical'), material: nameSchema }),
  /** Put right by eye, from something else. */
  z.strictObject({ kind: z.literal('eye'), from: nameSchema }),
  /** From a photograph with white paper in it; how far it may be off, ΔE00. */
  z.strictObject({ kind: z.literal('photo'), uncertainty: z.number().min(0).max(100) }),
]);
export type ColourSource = z.infer<typeof sourceSchema>;

/** A colour of something in the home, Lab under D65 with the 10° observer, and where it came from. */
export const recordedColourSchema = z.strictObject({ lab: labSchema, source: sourceSchema });
export type RecordedColour = Readonly<z.infer<typeof recordedColourSchema>>;

/** Whether a surface can have it at all. */
export const isSurfaceColour = ({ lab }: Pick<RecordedColour, 'lab'>): boolean => reflectanceFromLab(lab).ok;

/** One of the colours of a thing that stays, and its share of the thing, 0–1. */
export const componentSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  share: z
    .number({ error: 'A share is a number of percent.' })
    .gt(0, 'A share must be more than 0 %.')
    .max(1, 'A share is at most 100 %.'),
  colour: recordedColourSchema,
});
export type RecordedComponent = Readonly<z.infer<typeof componentSchema>>;
