import { z } from 'zod';
import { daySchema, idSchema, instantSchema, nameSchema, wordsSchema } from '../base/fields';
import { PRIMERS, UNDERCOAT_CHOICES } from '../paint/coats';
import { FINISHES } from '../paint/product';
import { SHEEN_GRADES } from '../paint/sheen';

/** What becomes of a surface: painted, left as it is, or not decided after all. */
export const DECIDED = ['paint', 'leave', 'open'] as const;

/** Most coats of finish anyone plans. */
export const MOST_COATS = 6;

const surfaceIdSchema = z.string().regex(/^[a-z0-9:-]{1,60}$/, 'Not a surface of a room.');

/** How a surface is decided. */
export const choiceFields = {
  what: z.enum(DECIDED),
  /** The colour at its strength; null unless it is painted. */
  candidateId: idSchema.nullable(),
  sheen: z.enum(SHEEN_GRADES),
  finish: z.enum(FINISHES),
  coats: z.int('Coats are counted.').min(1, 'At least one coat.').max(MOST_COATS, `At most ${MOST_COATS} coats.`),
  primer: z.enum(PRIMERS),
  undercoat: z.enum(UNDERCOAT_CHOICES),
  why: wordsSchema(500),
};
export type Choice = { readonly [F in keyof typeof choiceFields]: z.infer<(typeof choiceFields)[F]> };

export const surfacesField = z
  .array(surfaceIdSchema)
  .min(1, 'Choose a surface.')
  .max(80, 'At most 80 surfaces.')
  .refine((all) => new Set(all).size === all.length, 'A surface stands here twice.')
  .readonly();

/** What was decided of surfaces of a room; the last that was said of one holds. */
export const decisionSchema = z.strictObject({
  id: idSchema,
  surfaces: surfacesField,
  ...choiceFields,
  at: instantSchema,
  undone: z.boolean(),
});
export type Decision = Readonly<z.infer<typeof decisionSchema>>;

/** What is wrong with a choice; undefined where all is well. */
export const choiceIssue = ({ what, candidateId }: Pick<Choice, 'what' | 'candidateId'>): string | undefined =>
  (what === 'paint') === (candidateId !== null) ? undefined : 'What is painted has a colour, and nothing else has one.';

/** A surface as it was signed. */
export const signedSurfaceSchema = z.strictObject({ surface: surfaceIdSchema, name: nameSchema, ...choiceFields });
export type SignedSurface = Readonly<z.infer<typeof signedSurfaceSchema>>;

export const signatureFields = {
  signedBy: nameSchema,
  /** In the home's calendar. */
  signedOn: daySchema,
  /** Why it was revised; empty the first time. */
  why: wordsSchema(500),
  /** What was still open of its colours then, as it was told; empty where nothing was. */
  leftOpen: wordsSchema(2000).default(''),
  decided: z.array(signedSurfaceSchema).min(1, 'Nothing is decided yet.').max(80, 'At most 80 surfaces.').readonly(),
};

/** The decisions of a room, signed: one revision, kept whole. */
export const signatureSchema = z.strictObject({
  id: idSchema,
  ...signatureFields,
  at: instantSchema,
  /** How much had been said in the room when it was signed, in the order of arrival: clocks may be set back. */
  before: z.strictObject({ decisions: z.int(), verdicts: z.int(), answers: z.int(), reactions: z.int() }),
});
export type Signature = Readonly<z.infer<typeof signatureSchema>>;
