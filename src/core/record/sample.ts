import { z } from 'zod';
import { finite, idSchema, instantSchema, wordsSchema } from '../base/fields';
import { recordedColourSchema } from './recorded-colour';

/** A board that moves and escapes the old wall, a patch on the wall itself, a card taped up. */
export const SAMPLE_METHODS = ['board', 'patch', 'card'] as const;
export type SampleMethod = (typeof SAMPLE_METHODS)[number];

/** What samples usually are, metres: the white border keeps the old wall away. Common practice, no source. */
export const USUAL_SAMPLE: Readonly<Record<SampleMethod, { widthM: number; heightM: number; borderM: number }>> = {
  board: { widthM: 0.6, heightM: 0.9, borderM: 0.05 },
  patch: { widthM: 1.2, heightM: 1, borderM: 0 },
  card: { widthM: 0.42, heightM: 0.3, borderM: 0.03 },
};

/** Finalists of a room in paint before a reason is asked for. Common practice, no source. */
export const MOST_FINALISTS = 3;

const side = (what: string) =>
  finite(`${what} is a length.`).gt(0, `${what} must be more than 0.`).max(10, `${what} is at most 10 m.`);
/** What is said of a sample; the rest comes with its id. */
export const sampleFields = {
  candidateId: idSchema,
  method: z.enum(SAMPLE_METHODS),
  widthM: side('A sample’s width'),
  heightM: side('A sample’s height'),
  borderM: finite('The border is a length.').min(0, 'The border cannot be less than 0.').max(0.3, 'The border is at most 0.3 m.'),
  coats: z.int().min(1, 'At least one coat.').max(4, 'At most 4 coats.'),
  /** When it was given its first coat; null: it is still to be painted. */
  paintedAt: instantSchema.nullable(),
  /** What it dried to, read by an instrument or by eye; null: as the deck says. */
  read: recordedColourSchema.nullable(),
  /** Why there are more finalists than usual. */
  reason: wordsSchema(300),
};

/** What cannot be of a sample; undefined where all is well. */
export const sampleIssue = ({ widthM, heightM, borderM }: Pick<Sample, 'widthM' | 'heightM' | 'borderM'>): string | undefined =>
  2 * borderM < Math.min(widthM, heightM) ? undefined : 'With this border nothing of the sample is left.';

/** A colour of a room in real paint. */
export const sampleSchema = z.strictObject({ id: idSchema, ...sampleFields });
export type Sample = Readonly<z.infer<typeof sampleSchema>>;

/** In the order in which they were made. */
export const bySample = (p: Pick<Sample, 'id'>, q: Pick<Sample, 'id'>): number => (p.id < q.id ? -1 : 1);
