import { z } from 'zod';
import { wordsSchema } from '../base/fields';
import { emailSchema, telephoneSchema } from './people';

/** A picture by the hash it is kept under. */
const pictureSchema = z.string().regex(/^[0-9a-f]{64}$/);

export const consultantCardFields = {
  consultantName: wordsSchema(200).default(''),
  business: wordsSchema(200).default(''),
  address: wordsSchema(500).default(''),
  telephone: telephoneSchema.default(''),
  email: emailSchema.default(''),
  /** At the foot of every sheet. */
  footer: wordsSchema(300).default(''),
  logo: pictureSchema.nullable().default(null),
};

/** Who hands papers over: one card for everything that is kept in a data folder. */
export const consultantCardSchema = z.strictObject(consultantCardFields);
export type ConsultantCard = Readonly<z.infer<typeof consultantCardSchema>>;

/** A card on which nothing was said yet. */
export const NO_CARD: ConsultantCard = consultantCardSchema.parse({});
