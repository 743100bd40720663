import sharp from 'sharp';
import { PHOTO_LIMITS } from '@/core/record/photo';

export const PHOTO = {
  quality: 85,
  /** Pixels a picture may have: a small file can unfold into more than memory holds. */
  mostPixels: 60_000_000,
} as const;

const READ = new Set(['jpeg', 'png', 'webp', 'avif', 'heif', 'tiff']);

export type CleanPicture =
  | { readonly ok: true; readonly jpeg: Uint8Array; readonly width: number; readonly height: number }
  | { readonly ok: false; readonly reason: 'not-a-picture' };

/**
 * A photograph as it is kept: turned upright, at most {@link PHOTO_LIMITS}.side pixels long, in sRGB, and nothing but the picture: place,
 * time, camera and thumbnail that came with it are left behind.
 */
export function cleanPicture(bytes: Uint8Array): Promise<CleanPicture> {
  const cleaned = turn.then(() => clean(bytes));
  turn = cleaned;
  return cleaned;
}

/** One picture after the other: each unfolds into hundreds of megabytes. */
let turn: Promise<unknown> = Promise.resolve();

async function clean(bytes: Uint8Array): Promise<CleanPicture> {
  try {
    const picture = sharp(bytes, { limitInputPixels: PHOTO.mostPixels, failOn: 'error' });
    const { format } = await picture.metadata();
    if (!READ.has(format)) return { ok: false, reason: 'not-a-picture' };
    const { data, info } = await picture
      .autoOrient()
      .resize({ width: PHOTO_LIMITS.side, height: PHOTO_LIMITS.side, fit: 'inside', withoutEnlargement: true })
      .toColourspace('srgb')
      .jpeg({ quality: PHOTO.quality })
      .toBuffer({ resolveWithObject: true });
    return { ok: true, jpeg: new Uint8Array(data), width: info.width, height: info.height };
  } catch {
    return { ok: false, reason: 'not-a-picture' };
  }
}
