import type { Bytes } from '@/core/colour/cast';
import type { Photo } from '@/core/record/photo';

/** Side of the square that is averaged around a point, pixels of the picture: noise and grain even out. */
const SQUARE = 9;

/** What the camera made of a point of a picture (shares of width and height), averaged over a small square. */
export function readPoint(image: HTMLImageElement, x: number, y: number): Photo['white'] {
  const canvas = document.createElement('canvas');
  canvas.width = SQUARE;
  canvas.height = SQUARE;
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (!context) return null;
  const from = (share: number, size: number) => Math.max(0, Math.min(size - SQUARE, Math.round(share * size - SQUARE / 2)));
  const { naturalWidth, naturalHeight } = image;
  context.drawImage(image, -from(x, naturalWidth), -from(y, naturalHeight));
  const { data } = context.getImageData(0, 0, SQUARE, SQUARE);
  const sums = [0, 0, 0];
  for (let i = 0; i < data.length; i += 4) for (let k = 0; k < 3; k++) sums[k]! += data[i + k]!;
  const rgb = sums.map((sum) => Math.max(1, Math.round(sum / SQUARE ** 2))) as unknown as Bytes;
  return { x, y, rgb: [rgb[0], rgb[1], rgb[2]] };
}

/** Pixels of a circle around a point of a picture (shares of width and height); `radius` is a share of the width. */
export function readCircle(image: HTMLImageElement, at: { readonly x: number; readonly y: number }, radius: number): Bytes[] {
  const { naturalWidth, naturalHeight } = image;
  const r = Math.max(2, Math.round(radius * naturalWidth));
  const side = 2 * r + 1;
  const canvas = document.createElement('canvas');
  canvas.width = side;
  canvas.height = side;
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (!context) return [];
  const [left, top] = [Math.round(at.x * naturalWidth) - r, Math.round(at.y * naturalHeight) - r];
  context.drawImage(image, -left, -top);
  const { data } = context.getImageData(0, 0, side, side);
  const found: Bytes[] = [];
  for (let y = 0; y < side; y++)
    for (let x = 0; x < side; x++) {
      const i = 4 * (y * side + x);
      // beyond the picture nothing was drawn
      if ((x - r) ** 2 + (y - r) ** 2 <= r * r && data[i + 3] === 255) found.push([data[i]!, data[i + 1]!, data[i + 2]!]);
    }
  return found;
}
