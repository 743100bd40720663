import { z } from 'zod';
import { finite } from '../base/fields';

/** Lab under D65 with the 10° observer, within what any surface could be; the solid itself is checked by the reflectance solver. */
export const labSchema = z.strictObject({
  l: finite('L* is a number.').min(0, 'L* lies between 0 and 100.').max(100, 'L* lies between 0 and 100.'),
  a: finite('a* is a number.').min(-160, 'a* lies between −160 and 160.').max(160, 'a* lies between −160 and 160.'),
  b: finite('b* is a number.').min(-160, 'b* lies between −160 and 160.').max(160, 'b* lies between −160 and 160.'),
});

/** The same as scripts give it: [L*, a*, b*]. */
export const labTupleSchema = z.tuple([z.number().min(0).max(100), z.number().min(-160).max(160), z.number().min(-160).max(160)]);

export const hexSchema = z.string().regex(/^#?[0-9a-fA-F]{6}$/, 'six hexadecimal digits, such as #d9cfbd');

/** A reflectance spectrum as it was measured: start and step in nanometres, values 0–1. */
export const spectrumSchema = z
  .strictObject({
    start: z.number().min(200).max(1000),
    step: z.number().min(1).max(50),
    values: z.array(z.number().min(0).max(1)).min(3).max(1000).readonly(),
  })
  .refine((s) => s.start <= 700 && s.start + s.step * (s.values.length - 1) >= 400, 'the spectrum must reach into 400–700 nm');
export type Spectrum = z.infer<typeof spectrumSchema>;

/** A colour as scripts and files give it. */
export const colourSchema = z.union([
  z.strictObject({ lab: labTupleSchema }),
  z.strictObject({ hex: hexSchema }),
  z.strictObject({ spectrum: spectrumSchema }),
]);
export type ColourInput = z.infer<typeof colourSchema>;
