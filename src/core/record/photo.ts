import { z } from 'zod';
import { idSchema, instantSchema, wordsSchema } from '../base/fields';

/** How a photograph was taken: with exposure and white balance locked, or not. */
export const PHOTO_SETTINGS = ['locked', 'automatic', 'unknown'] as const;

/** Limits of photographs: bytes of one upload, how many a room keeps, and pixels of the longest side kept. Own choice. */
export const PHOTO_LIMITS = { mostBytes: 24 * 1024 * 1024, mostInRoom: 60, side: 1600 } as const;

/** Where white paper lies in a photograph, as shares of width and height, and what the camera made of it (sRGB, 0–255). */
export const whitePointSchema = z.strictObject({
  x: z.number().min(0).max(1),
  y: z.number().min(0).max(1),
  rgb: z.tuple([z.number().min(1).max(255), z.number().min(1).max(255), z.number().min(1).max(255)]).readonly(),
});

/** What a picture is known by: the SHA-256 of its file as it was handed in, hexadecimal. */
export const pictureHashSchema = z.string().regex(/^[0-9a-f]{64}$/);

/** A photograph; its picture is fetched by its hash. */
export const photoSchema = z.strictObject({
  id: idSchema,
  picture: pictureHashSchema,
  /** Pixels, as it is kept. */
  width: z.int().min(1).max(10_000),
  height: z.int().min(1).max(10_000),
  caption: wordsSchema(200),
  settings: z.enum(PHOTO_SETTINGS),
  white: whitePointSchema.nullable(),
  /** What a picture shows that was computed here: predicted, and no photograph. '' of a photograph. */
  predicted: wordsSchema(300).default(''),
  at: instantSchema,
});
export type Photo = Readonly<z.infer<typeof photoSchema>>;

type Kept = { readonly photos: readonly Photo[] };
/** What was taken with a camera: it may prove a colour, if it was taken so. */
export const photographsOf = ({ photos }: Kept): readonly Photo[] => photos.filter((p) => p.predicted === '');
/** What was computed here and kept as a picture: it proves nothing. */
export const stillsOf = ({ photos }: Kept): readonly Photo[] => photos.filter((p) => p.predicted !== '');

/** Pixels of a picture as it is kept: its longest side at most {@link PHOTO_LIMITS}.side. */
export function keptSize(width: number, height: number): { readonly width: number; readonly height: number } {
  const share = Math.min(1, PHOTO_LIMITS.side / Math.max(width, height));
  const scaled = (pixels: number) => Math.max(1, Math.round(pixels * share));
  return { width: scaled(width), height: scaled(height) };
}

/** Oldest first. */
export const byTime = (p: Photo, q: Photo): number => p.at.localeCompare(q.at) || p.id.localeCompare(q.id);
