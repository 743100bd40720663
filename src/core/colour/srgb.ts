import { map3, type Three } from '@/core/base/map3';
import { labFromXyz, xyzFromLab } from './lab';
import type { Lab, XYZ } from './types';

/**
 * sRGB (IEC 61966-2-1) is defined for the 2° observer, paint is kept for the 10° one. A screen colour and a surface are
 * matched through equal CIELAB, each against the white of its own observer: white stays white, greys stay grey, and hex → Lab → hex
 * is exact. See docs/decisions/0002-hex-and-observer.md.
 */
export const WHITE_SRGB: XYZ = { x: 95.047, y: 100, z: 108.883 };

const TO_XYZ: Three<Triple> = [
  [0.4124564, 0.3575761, 0.1804375],
  [0.2126729, 0.7151522, 0.072175],
  [0.0193339, 0.119192, 0.9503041],
];
const FROM_XYZ: Three<Triple> = [
  [3.2404542, -1.5371385, -0.4985314],
  [-0.969266, 1.8760108, 0.041556],
  [0.0556434, -0.2040259, 1.0572252],
];

type Triple = Three<number>;
const dot = (row: Triple, [p, q, r]: Triple) => row[0] * p + row[1] * q + row[2] * r;
const decode = (v: number) => (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4);
const encode = (v: number) => (v <= 0.0031308 ? v * 12.92 : 1.055 * v ** (1 / 2.4) - 0.055);

/** Linear sRGB (0–1) of bytes (0–255). IEC 61966-2-1. */
export const linearOf = (bytes: Triple): Triple => map3(bytes, (v) => decode(v / 255));

/** XYZ (2°, D65, Y of white 100) of linear sRGB, and back. IEC 61966-2-1. */
export const xyzOfLinear = (rgb: Triple): XYZ => {
  const [x, y, z] = map3(TO_XYZ, (row) => 100 * dot(row, rgb));
  return { x, y, z };
};
export const linearOfXyz = ({ x, y, z }: XYZ): Triple => map3(FROM_XYZ, (row) => dot(row, [x / 100, y / 100, z / 100]));

const HEX = /^#?([0-9a-f]{6})$/i;

/** True for `#rrggbb` or `rrggbb`. */
export const isHex = (text: string): boolean => HEX.test(text);

/** Bytes of six hexadecimal digits. @throws RangeError when the text is none */
function bytesOf(hex: string): Triple {
  const digits = HEX.exec(hex)?.[1];
  if (!digits) throw new RangeError(`not a hex colour: ${JSON.stringify(hex.slice(0, 20))}`);
  const n = parseInt(digits, 16);
  return [n >> 16, (n >> 8) & 255, n & 255];
}

/** Relative luminance of an sRGB hex colour, 0–100. WCAG 2.2. @throws RangeError when the text is not six hexadecimal digits */
export const luminanceOfHex = (hex: string): number => xyzOfLinear(linearOf(bytesOf(hex))).y;

/**
 * Lab (D65, 10°) of an sRGB hex colour.
 * @throws RangeError when the text is not six hexadecimal digits
 */
export function labFromHex(hex: string): Lab {
  return labFromXyz(xyzOfLinear(linearOf(bytesOf(hex))), WHITE_SRGB);
}

export type ScreenColour = { readonly hex: string; readonly inGamut: boolean };

/** Slack for rounding of the matrices: half of an 8-bit step. */
const GAMUT_SLACK = 0.5 / 255;

/** The screen colour (sRGB, 8 bits a channel) of a Lab colour; `inGamut` is false when a channel had to be cut off. */
export function screenColour(lab: Lab): ScreenColour {
  const channels = linearOfXyz(xyzFromLab(lab, WHITE_SRGB)).map(encode);
  const inGamut = channels.every((v) => v >= -GAMUT_SLACK && v <= 1 + GAMUT_SLACK);
  const bytes = channels.map((v) => Math.round(Math.min(1, Math.max(0, v)) * 255));
  return { hex: `#${bytes.map((v) => v.toString(16).padStart(2, '0')).join('')}`, inGamut };
}
