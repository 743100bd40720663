import { apartSquared, type LabPicture } from './lab-picture';

export const MIXTURE = {
  /** Two colours nearer than this are not told from their mixture, plain ΔE. Own choice. */
  apartFrom: 10,
  /** How far from the line between them a mixture may lie, and how far from either end, as a share of the line. Own choices. */
  off: 0.16,
  end: 0.1,
  /** Reaches that are tried, pixels: a sharp edge and a soft one. */
  reaches: [1, 2, 3],
} as const;

const WAYS = [
  [1, 0],
  [0, 1],
  [1, 1],
  [1, -1],
] as const;

/** Whether a pixel is a mixture of two others, by the law of cosines on the squares of their distances. */
function isBetween(lab: LabPicture, i: number, p: number, q: number): boolean {
  const line = apartSquared(lab, p, q);
  // of what does not count nothing is between
  if (!(line >= MIXTURE.apartFrom ** 2)) return false;
  const toP = apartSquared(lab, i, p);
  const t = (toP + line - apartSquared(lab, i, q)) / (2 * line);
  return t > MIXTURE.end && t < 1 - MIXTURE.end && toP - t * t * line < MIXTURE.off ** 2 * line;
}

/**
 * Which pixels are mixtures of what lies on either side of them: edges, never colours of their own.
 *
 * @returns 1 for a mixture, 0 otherwise, a pixel each
 */
export function mixtures(lab: LabPicture): Uint8Array {
  const { width, height } = lab;
  const found = new Uint8Array(lab.l.length);
  for (const reach of MIXTURE.reaches)
    for (const [u, v] of WAYS) {
      const step = reach * (v * width + u);
      const [left, top] = [reach * u, reach * Math.abs(v)];
      for (let y = top; y < height - top; y++)
        for (let x = left; x < width - left; x++) {
          const i = y * width + x;
          if (found[i] === 0 && isBetween(lab, i, i - step, i + step)) found[i] = 1;
        }
    }
  return found;
}
