import { labFromXyz } from '../colour/lab';
import { WHITE_SRGB, xyzOfLinear } from '../colour/srgb';
import type { Lab } from '../colour/types';
import type { LinearPicture } from './picture';

/** A picture in CIELAB (D65), one number a pixel and coordinate; NaN where it does not count. */
export type LabPicture = {
  readonly width: number;
  readonly height: number;
  readonly l: Float32Array;
  readonly a: Float32Array;
  readonly b: Float32Array;
};

/** Lab (D65) of linear sRGB, 1 = the white of the screen. */
export const labOfLinear = (red: number, green: number, blue: number): Lab =>
  labFromXyz(xyzOfLinear([red, green, blue]), WHITE_SRGB);

export function labPicture({ width, height, red, green, blue }: LinearPicture): LabPicture {
  const [l, a, b] = [new Float32Array(red.length), new Float32Array(red.length), new Float32Array(red.length)];
  for (let i = 0; i < red.length; i++) {
    const lab = labOfLinear(red[i]!, green[i]!, blue[i]!);
    [l[i], a[i], b[i]] = [lab.l, lab.a, lab.b];
  }
  return { width, height, l, a, b };
}

/** How far two pixels are apart, squared: the plain distance in CIELAB, which is quick and enough to tell edges. */
export function apartSquared({ l, a, b }: LabPicture, i: number, k: number): number {
  const [dl, da, db] = [l[i]! - l[k]!, a[i]! - a[k]!, b[i]! - b[k]!];
  return dl * dl + da * da + db * db;
}
