import { z } from 'zod';

export const finite = (message: string) => z.number({ error: message });

/** Longest name or label kept. */
export const NAME_LENGTH = 200;

export const latitudeSchema = finite('A latitude is a number of degrees.')
  .min(-90, 'Latitude lies between −90 and 90°.')
  .max(90, 'Latitude lies between −90 and 90°.');
export const longitudeSchema = finite('A longitude is a number of degrees.')
  .min(-180, 'Longitude lies between −180 and 180°.')
  .max(180, 'Longitude lies between −180 and 180°.');

const CONTROL = /[\u0000-\u001f\u007f]/;
/** A name as people type it: trimmed, 1–200 characters, no control characters; anything else, emoji included, is theirs to use. */
export const nameSchema = z
  .string()
  .trim()
  .min(1, 'Give it a name.')
  .max(NAME_LENGTH, `At most ${NAME_LENGTH} characters.`)
  .refine((s) => !CONTROL.test(s), 'Leave out line breaks and control characters.');

export const labSchema = z.strictObject({
  l: finite('L* is a number.').min(0, 'L* lies between 0 and 100.').max(100, 'L* lies between 0 and 100.'),
  a: finite('a* is a number.').min(-160, 'a* lies between −160 and 160.').max(160, 'a* lies between −160 and 160.'),
  b: finite('b* is a number.').min(-160, 'b* lies between −160 and 160.').max(160, 'b* lies between −160 and 160.'),
});

/** Lab under D65 with the 10° observer, within what any surface could be; the solid itself is checked by the reflectance solver. */
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

/** A colour as scripts and files give it. */
export const colourSchema = z.union([
  z.strictObject({ lab: labTupleSchema }),
  z.strictObject({ hex: hexSchema }),
  z.strictObject({ spectrum: spectrumSchema }),
]);
export type ColourInput = z.infer<typeof colourSchema>;

const componentSchema = z.object({
  name: z.string().max(80).default('colour'),
  share: z.number().gt(0).max(1),
  lab: labTupleSchema,
});

/** One case for the relation model: what stays, the candidate, and under what. */
export const judgeSchema = z.object({
  stays: z.object({
    name: z.string().max(200).default('what stays'),
    kind: z.enum(['fixed', 'furnishing']),
    components: z
      .array(componentSchema)
      .min(1)
      .max(50)
      .refine((all) => all.reduce((s, c) => s + c.share, 0) <= 1.001, 'the shares add up to more than 1'),
  }),
  candidate: z.object({ name: z.string().max(200).optional(), lab: labTupleSchema }),
  light: z.object({ cct: z.number().min(1000).max(25000), lux: z.number().positive().max(200000).optional() }).optional(),
  school: z.enum(['share', 'answer']).default('share'),
});
