import type { XYZ } from './types';

/** Cone-like responses of CAT16. */
export type Rgb = readonly [number, number, number];

/** M16, Li et al. 2017, "Comprehensive color solutions: CAM16, CAT16, and CAM16-UCS", eq. 2. */
const M16 = [
  [0.401288, 0.650173, -0.051461],
  [-0.250268, 1.204414, 0.045854],
  [-0.002079, 0.048952, 0.953127],
] as const;

/** Inverse of M16, computed from it. */
const M16_INVERSE = inverse3(M16);

type Row = readonly [number, number, number];
type Matrix = readonly [Row, Row, Row];

function inverse3([[a, b, c], [d, e, f], [g, h, i]]: Matrix): Matrix {
  const det = a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
  return [
    [(e * i - f * h) / det, (c * h - b * i) / det, (b * f - c * e) / det],
    [(f * g - d * i) / det, (a * i - c * g) / det, (c * d - a * f) / det],
    [(d * h - e * g) / det, (b * g - a * h) / det, (a * e - b * d) / det],
  ];
}

const dot = (row: Row, p: number, q: number, r: number): number => row[0] * p + row[1] * q + row[2] * r;

export const toRgb16 = ({ x, y, z }: XYZ): Rgb => [dot(M16[0], x, y, z), dot(M16[1], x, y, z), dot(M16[2], x, y, z)];
export const fromRgb16 = (rgb: Rgb): XYZ => {
  const r = rgb[0];
  const g = rgb[1];
  const b = rgb[2];
  return { x: dot(M16_INVERSE[0], r, g, b), y: dot(M16_INVERSE[1], r, g, b), z: dot(M16_INVERSE[2], r, g, b) };
};

/**
 * Corresponding colour under another white by CAT16, one step. Li et al. 2017 §2.
 *
 * @param xyz tristimulus values under `from`, Y of its white as in `from`; @param degree of adaptation, 0–1
 */
export function adaptCat16(xyz: XYZ, from: XYZ, to: XYZ, degree = 1): XYZ {
  const [source, target, colour] = [toRgb16(from), toRgb16(to), toRgb16(xyz)];
  const scaled = colour.map((v, k) => v * (degree * ((from.y * target[k]!) / (to.y * source[k]!)) + 1 - degree));
  return fromRgb16(scaled as unknown as Rgb);
}
