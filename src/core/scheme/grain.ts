import { apartSquared, labPicture, type LabPicture } from './lab-picture';
import type { LinearPicture } from './picture';

export const GRAIN = {
  /** Spread from pixel to pixel from which there is grain: noise of a camera, threads of a weave. Plain ΔE, own choice. */
  seenFrom: 1,
  /** What lies within so many spreads is the same colour with grain; no more than so much ΔE, so that lines and edges stay. */
  within: 3,
  most: 17,
  /** In what is darker than this L* the noise of a camera looks so much larger. */
  darkUnder: 30,
  inDark: 1.6,
  /** Reach of the average, pixels. */
  reach: 2,
} as const;

/**
 * How much colour jumps from pixel to pixel, plain ΔE: of each coordinate the middle of how far a pixel is from the mean of its
 * neighbours, made a standard deviation (of white noise, the second difference has √1.5 of it, its middle 0.6745), and the three together.
 */
export function grainOf({ width, height, l, a, b }: LabPicture): number {
  const spread = (of: Float32Array) => {
    const jumps: number[] = [];
    for (let y = 0; y < height; y++)
      for (let x = 1; x + 1 < width; x++) {
        const i = y * width + x;
        const jump = Math.abs(of[i]! - (of[i - 1]! + of[i + 1]!) / 2);
        if (!Number.isNaN(jump)) jumps.push(jump);
      }
    const sorted = Float32Array.from(jumps).sort();
    return (sorted[sorted.length >> 1] ?? 0) / (0.6745 * Math.sqrt(1.5));
  };
  return Math.hypot(spread(l), spread(a), spread(b));
}

/** A picture without its grain: each pixel the mean, in linear light, of those around it that are its colour but for the grain. */
export function withoutGrain(picture: LinearPicture, passes = 2): LinearPicture {
  const lab = labPicture(picture);
  const grain = grainOf(lab);
  if (passes === 0 || grain < GRAIN.seenFrom) return picture;
  const light = Math.min(GRAIN.most, GRAIN.within * grain) ** 2;
  const { width, height } = picture;
  const out = {
    red: new Float32Array(picture.red.length),
    green: new Float32Array(picture.red.length),
    blue: new Float32Array(picture.red.length),
  };
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const i = y * width + x;
      const most = lab.l[i]! < GRAIN.darkUnder ? light * GRAIN.inDark ** 2 : light;
      let [r, g, b, n] = [0, 0, 0, 0];
      for (let v = Math.max(0, y - GRAIN.reach); v <= Math.min(height - 1, y + GRAIN.reach); v++)
        for (let u = Math.max(0, x - GRAIN.reach); u <= Math.min(width - 1, x + GRAIN.reach); u++) {
          const k = v * width + u;
          // of what does not count nothing is near
          if (!(apartSquared(lab, i, k) <= most)) continue;
          r += picture.red[k]!;
          g += picture.green[k]!;
          b += picture.blue[k]!;
          n++;
        }
      [out.red[i], out.green[i], out.blue[i]] = [r / n, g / n, b / n];
    }
  return withoutGrain({ width, height, ...out }, passes - 1);
}
