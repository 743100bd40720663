import sharp from 'sharp';
import { z } from 'zod';
import { lrvOf } from '@/core/colour/lab';
import { coloursOfPiece } from '@/core/scheme/piece';
import { PICTURE_WORDS } from '@/core/scheme/picture';

/** Pixels a picture may have: a small file can unfold into more than memory holds. */
const MOST_PIXELS = 60_000_000;

const frameSchema = z.strictObject({
  x: z.number().min(0),
  y: z.number().min(0),
  width: z.number().min(1),
  height: z.number().min(1),
});
/** What `bin/core piece` is asked: a picture of a painting, a rug, a fabric. */
const pieceSchema = z.object({
  /** PNG or JPEG, base64. */
  image: z.string().min(1).max(80_000_000),
  white: frameSchema.nullish(),
  frame: frameSchema.nullish(),
});

async function decoded(image: string) {
  try {
    const bytes = Buffer.from(image.replace(/^data:[^,]*,/, ''), 'base64');
    const { data, info } = await sharp(bytes, { limitInputPixels: MOST_PIXELS })
      .autoOrient()
      .toColourspace('srgb')
      .ensureAlpha()
      .raw()
      .toBuffer({ resolveWithObject: true });
    return { width: info.width, height: info.height, data: new Uint8Array(data.buffer, data.byteOffset, data.length) };
  } catch {
    throw new RangeError('image: no picture that can be read, or one of more than 60 million pixels');
  }
}

/** `piece`: the colours of a piece and their shares, largest first. */
export async function piece(request: Record<string, unknown>) {
  const { image, white, frame } = pieceSchema.parse(request);
  const found = coloursOfPiece(await decoded(image), frame ?? null, white ?? null);
  if (!found.ok) throw new RangeError(PICTURE_WORDS[found.reason]);
  const { colours, paper } = found.value;
  return { colours: colours.map(({ lab, share }) => ({ lab: [lab.l, lab.a, lab.b], share, lrv: lrvOf(lab) })), paper };
}
