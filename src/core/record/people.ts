import { z } from 'zod';
import { wordsSchema } from '../base/fields';

/** An address to write to, or nothing. */
export const emailSchema = z
  .string()
  .trim()
  .max(200, 'At most 200 characters.')
  .refine((s) => s === '' || z.email().safeParse(s).success, 'An e-mail address, such as name@example.org.');
/** A telephone number as people write it. */
export const telephoneSchema = z
  .string()
  .trim()
  .max(60, 'At most 60 characters.')
  .refine((s) => /^[\d\s+()./-]*$/.test(s), 'A telephone number: digits, spaces, + ( ) - /.');

export const peopleFields = {
  clientName: wordsSchema(200).default(''),
  /** Where the home is, as a letter is addressed; lines are kept. */
  clientAddress: wordsSchema(500).default(''),
  clientTelephone: telephoneSchema.default(''),
  clientEmail: emailSchema.default(''),
  /** Whether the painter is given the client's name, address and telephone. */
  clientToPainter: z.boolean().default(true),
  painterTelephone: telephoneSchema.default(''),
  painterEmail: emailSchema.default(''),
  counterEmail: emailSchema.default(''),
};

/** Who is to be reached about a visit, and where; empty what was not said. */
export const peopleSchema = z.strictObject(peopleFields);
export type People = Readonly<z.infer<typeof peopleSchema>>;
