import { z } from 'zod';
import { idSchema, instantSchema, textSchema } from '../base/fields';
import { pictureHashSchema } from '@/core/record/photo';
import { deckSchema } from './deck/deck';

/** How a visit is written as a file. */
export const VISIT_FILE = { format: 'elm-swatch/visit', version: 1 } as const;

/** Limits of a visit's file. Own choice: a home of sixty rooms that was worked on for years stays below a tenth of them. */
export const VISIT_FILE_LIMITS = { mostOperations: 50_000, mostPictures: 5_000, mostDecks: 100 } as const;

/** What is known of a picture of the visit, which lies beside as `pictures/HASH.jpg`. */
const pictureSchema = z.strictObject({
  hash: pictureHashSchema,
  /** SHA-256 of the JPEG, hexadecimal. */
  sha256: pictureHashSchema,
  width: z.int().min(1).max(10_000),
  height: z.int().min(1).max(10_000),
  keptAt: instantSchema,
});

/**
 * `visit.json` of a visit's file: everything that was said in it, in the order it was done, and what of decks and pictures it needs.
 * Doing the operations one after the other makes the visit; each is checked as one that is written by hand.
 */
export const visitFileSchema = z.strictObject({
  format: z.literal(VISIT_FILE.format),
  version: z.literal(VISIT_FILE.version),
  about: textSchema(500),
  visitId: idSchema,
  label: textSchema(200),
  /** Each as `POST /api/operations` takes it. */
  operations: z.array(z.record(z.string(), z.unknown())).min(1).max(VISIT_FILE_LIMITS.mostOperations),
  /** The colours that are tried, with their bases. */
  decks: z.array(deckSchema).max(VISIT_FILE_LIMITS.mostDecks),
  pictures: z.array(pictureSchema).max(VISIT_FILE_LIMITS.mostPictures),
});
export type VisitFile = Readonly<z.infer<typeof visitFileSchema>>;
