import sharp from 'sharp';
import { screenColour } from '@/core/colour/srgb';
import type { Lab } from '@/core/colour/types';

type Triple = readonly [number, number, number];

/** Where the sheet of paper lies in the picture, as shares of width and height. */
export const PAPER_AT = { x: 0.79, y: 0.33 } as const;

const SIZE = { width: 1200, height: 900 } as const;
/** What a camera whose white balance is locked for daylight makes of a warm lamp: shares of red, green and blue. Invented. */
const LAMP: Triple = [1, 0.88, 0.68];
const SHEET: Lab = { l: 95, a: 0, b: 0 };

type Box = readonly [x: number, y: number, width: number, height: number];
const rect = ([x, y, width, height]: Box, lab: Lab) =>
  `<rect x="${x}" y="${y}" width="${width}" height="${height}" fill="${screenColour(lab).hex}"/>`;

/**
 * A made-up picture: boards and a sheet of paper before a wall, over a stone shelf, lit by a warm lamp from the left. A PNG of
 * 1200 × 900 pixels. @param boards Lab of each board, at most four
 */
export async function demoPicture(wall: Lab, boards: readonly Triple[]): Promise<Uint8Array> {
  const { width, height } = SIZE;
  const shapes = [
    rect([0, 0, width, height], wall),
    rect([0, 690, width, 210], { l: 74, a: 4.4, b: 11.6 }),
    rect([0, 676, width, 14], { l: 60, a: 4, b: 11 }),
    ...boards.map(([l, a, b], i) => rect([70 + 250 * i, 170 + 24 * i, 220, 506 - 24 * i], { l, a, b })),
    rect([850, 180, 200, 250], SHEET),
  ];
  const shade =
    '<radialGradient id="g" cx="0.2" cy="0.2" r="1.1"><stop offset="0" stop-opacity="0"/><stop offset="1" stop-opacity="0.2"/></radialGradient>';
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}"><defs>${shade}</defs>${shapes.join('')}<rect width="${width}" height="${height}" fill="url(#g)"/></svg>`;
  const [r, g, b] = LAMP;
  const lit = sharp(Buffer.from(svg)).removeAlpha().linear([r, g, b], [0, 0, 0]);
  return new Uint8Array(await lit.png().toBuffer());
}

/** What the camera made of the sheet, sRGB 0–255: the mean of a small square. */
export async function whiteOf(
  picture: Uint8Array,
  size: { readonly width: number; readonly height: number },
): Promise<[number, number, number]> {
  const at = (share: number, of: number) => Math.round(share * of) - 4;
  const { channels } = await sharp(
    await sharp(picture)
      .extract({ left: at(PAPER_AT.x, size.width), top: at(PAPER_AT.y, size.height), width: 9, height: 9 })
      .png()
      .toBuffer(),
  ).stats();
  const [r, g, b] = channels.map((c) => Math.round(c.mean));
  return [r!, g!, b!];
}
