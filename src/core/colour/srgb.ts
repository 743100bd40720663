import { labFromXyz, xyzFromLab } from './lab';
import type { Lab, XYZ } from './types';

/**
 * sRGB (IEC 61966-2-1) is defined for the 2° observer, paint is kept for the 10° one. A screen colour and a surface are
 * matched through equal CIELAB, each against the white of its own observer: white stays white, greys stay grey, and hex → Lab → hex
 * is exact. See docs/decisions/0002-hex-and-observer.md.
 */
const WHITE_SRGB: XYZ = { x: 95.047, y: 100, z: 108.883 };

const TO_XYZ = [
  [0.4124564, 0.3575761, 0.1804375],
  [0.2126729, 0.7151522, 0.072175],
  [0.0193339, 0.119192, 0.9503041],
] as const;
const FROM_XYZ = [
  [3.2404542, -1.5371385, -0.4985314],
  [-0.969266, 1.8760108, 0.041556],
  [0.0556434, -0.2040259, 1.0572252],
] as const;

const dot = (row: readonly [number, number, number], [p, q, r]: [number, number, number]) => row[0] * p + row[1] * q + row[2] * r;
const decode = (v: number) => (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4);
const encode = (v: number) => (v <= 0.0031308 ? v * 12.92 : 1.055 * v ** (1 / 2.4) - 0.055);

const HEX = /^#?([0-9a-f]{6})$/i;

/** True for `#rrggbb` or `rrggbb`. */
export const isHex = (text: string): boolean => HEX.test(text);

/**
 * Lab (D65, 10°) of an sRGB hex colour.
 * @throws RangeError when the text is not six hexadecimal digits
 */
export function labFromHex(hex: string): Lab {
  const digits = HEX.exec(hex)?.[1];
  if (!digits) throw new RangeError(`not a hex colour: ${JSON.stringify(hex.slice(0, 20))}`);
  const n = parseInt(digits, 16);
  const rgb: [number, number, number] = [decode((n >> 16) / 255), decode(((n >> 8) & 255) / 255), decode((n & 255) / 255)];
  const [x, y, z] = TO_XYZ.map((row) => 100 * dot(row, rgb)) as [number, number, number];
  return labFromXyz({ x, y, z }, WHITE_SRGB);
}

export type ScreenColour = { readonly hex: string; readonly inGamut: boolean };

/** Slack for rounding of the matrices: half of an 8-bit step. */
const GAMUT_SLACK = 0.5 / 255;

/** The screen colour (sRGB, 8 bits a channel) of a Lab colour; `inGamut` is false when a channel had to be cut off. */
export function screenColour(lab: Lab): ScreenColour {
  const { x, y, z } = xyzFromLab(lab, WHITE_SRGB);
  const channels = FROM_XYZ.map((row) => encode(dot(row, [x / 100, y / 100, z / 100])));
  const inGamut = channels.every((v) => v >= -GAMUT_SLACK && v <= 1 + GAMUT_SLACK);
  const bytes = channels.map((v) => Math.round(Math.min(1, Math.max(0, v)) * 255));
  return { hex: `#${bytes.map((v) => v.toString(16).padStart(2, '0')).join('')}`, inGamut };
}
