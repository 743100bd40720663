import { fromRgb16, toRgb16, type Rgb } from './cat16';
import type { XYZ } from './types';
import { RAD } from '../base/angles';

/** Surround of what is judged: F, c, Nc of Li et al. 2017 table 1. */
export const SURROUNDS = {
  average: { f: 1, c: 0.69, nc: 1 },
  dim: { f: 0.9, c: 0.59, nc: 0.9 },
  dark: { f: 0.8, c: 0.525, nc: 0.8 },
} as const;
export type Surround = keyof typeof SURROUNDS;

export type ViewingConditions = {
  /** Adapted white, Y about 100. */
  readonly white: XYZ;
  /** Luminance of the adapting field, cd/m². */
  readonly la: number;
  /** Luminance factor of the background, 0–100; 20 is a mid grey. */
  readonly yb: number;
  readonly surround: Surround;
  /** Degree of adaptation, 0–1; computed from `la` and the surround when not given. */
  readonly degree?: number;
};

/** Appearance correlates: lightness J, chroma C, hue h (degrees), brightness Q, colourfulness M, saturation s. */
export type Cam16 = {
  readonly j: number;
  readonly c: number;
  readonly h: number;
  readonly q: number;
  readonly m: number;
  readonly s: number;
};

/** What depends on the viewing conditions alone. */
export type Viewing = {
  readonly adapt: Rgb;
  readonly fl: number;
  readonly n: number;
  readonly nbb: number;
  readonly z: number;
  readonly aw: number;
  readonly c: number;
  readonly nc: number;
  readonly degree: number;
  /** FL to the power of ¼. */
  readonly flRoot: number;
  /** (1.64 − 0.29ⁿ) to the power of 0.73. */
  readonly chromaScale: number;
};

/** Degree of adaptation from the adapting luminance (cd/m²) and the surround's F, kept within 0–1. Li et al. 2017 eq. 4. */
export const degreeOfAdaptation = (la: number, f: number): number =>
  Math.min(1, Math.max(0, f * (1 - (1 / 3.6) * Math.exp((-la - 42) / 92))));

/** Luminance of the adapting field, cd/m², of a room lit with `lux` whose background has luminance factor `yb` (0–100): E·Yb/(100 π). */
export const adaptingLuminance = (lux: number, yb = 20): number => (lux * yb) / (100 * Math.PI);

const compress = (v: number, fl: number) => {
  const t = ((fl * Math.abs(v)) / 100) ** 0.42;
  return (Math.sign(v) * 400 * t) / (t + 27.13); // eq. 7, without the 0.1 that cancels
};
const expand = (v: number, fl: number) => Math.sign(v) * (100 / fl) * ((27.13 * Math.abs(v)) / (400 - Math.abs(v))) ** (1 / 0.42);

/** Prepares viewing conditions once for many colours. Li et al. 2017 §3, steps 0. */
export function viewing({ white, la, yb, surround, degree }: ViewingConditions): Viewing {
  if (!(la > 0)) throw new RangeError(`adapting luminance ${la} cd/m²: must be more than 0`);
  if (!(yb > 0)) throw new RangeError(`background ${yb}: must be more than 0`);
  const { f, c, nc } = SURROUNDS[surround];
  const d = degree ?? degreeOfAdaptation(la, f);
  const rgbW = toRgb16(white);
  const adapt = rgbW.map((w) => d * (white.y / w) + 1 - d) as unknown as Rgb;
  const k = 1 / (5 * la + 1);
  const fl = 0.2 * k ** 4 * (5 * la) + 0.1 * (1 - k ** 4) ** 2 * Math.cbrt(5 * la);
  const n = yb / white.y;
  const nbb = 0.725 * n ** -0.2;
  const [r, g, b] = rgbW.map((w, i) => compress(adapt[i]! * w, fl)) as unknown as Rgb;
  return {
    adapt,
    fl,
    n,
    nbb,
    z: 1.48 + Math.sqrt(n),
    aw: (2 * r + g + b / 20) * nbb,
    c,
    nc,
    degree: d,
    flRoot: fl ** 0.25,
    chromaScale: (1.64 - 0.29 ** n) ** 0.73,
  };
}

/** Eccentricity factor at hue angle `h` in degrees. */
const eccentricity = (h: number) => 0.25 * (Math.cos(h * RAD + 2) + 3.8);

/** CAM16 of XYZ (same scale as the white). Li et al. 2017 §3. Black is J = 0 with no chroma and hue 0. */
export function cam16(xyz: XYZ, v: Viewing): Cam16 {
  const cones = toRgb16(xyz);
  const r = compress(v.adapt[0] * cones[0], v.fl);
  const g = compress(v.adapt[1] * cones[1], v.fl);
  const b = compress(v.adapt[2] * cones[2], v.fl);
  const red = r + (-12 * g + b) / 11;
  const yellow = (r + g - 2 * b) / 9;
  const hue = Math.atan2(yellow, red) / RAD;
  const h = hue < 0 ? hue + 360 : hue;
  const a = (2 * r + g + b / 20) * v.nbb;
  const j = 100 * Math.max(0, a / v.aw) ** (v.c * v.z);
  const q = (4 / v.c) * Math.sqrt(j / 100) * (v.aw + 4) * v.flRoot;
  const t =
    ((50000 / 13) * v.nc * v.nbb * eccentricity(h) * Math.sqrt(red * red + yellow * yellow)) / (r + g + (21 * b) / 20 + 0.305);
  const alpha = t ** 0.9 * v.chromaScale;
  const c = alpha * Math.sqrt(j / 100);
  const m = c * v.flRoot;
  return { j, c, h, q, m, s: q > 0 ? 100 * Math.sqrt(m / q) : 0 };
}

/** XYZ of lightness J, chroma C and hue h (degrees) under viewing conditions. Inverse of {@link cam16}. Li et al. 2017 §4. */
export function xyzFromCam16({ j, c, h }: Pick<Cam16, 'j' | 'c' | 'h'>, v: Viewing): XYZ {
  if (j === 0) return { x: 0, y: 0, z: 0 };
  const t = (c / (Math.sqrt(j / 100) * v.chromaScale)) ** (1 / 0.9);
  const p1 = (50000 / 13) * v.nc * v.nbb * eccentricity(h);
  const p2 = (v.aw * (j / 100) ** (1 / (v.c * v.z))) / v.nbb;
  const cos = Math.cos(h * RAD);
  const sin = Math.sin(h * RAD);
  const gamma = (23 * (p2 + 0.305) * t) / (23 * p1 + 11 * t * cos + 108 * t * sin);
  const red = gamma * cos;
  const yellow = gamma * sin;
  return fromRgb16([
    expand((460 * p2 + 451 * red + 288 * yellow) / 1403, v.fl) / v.adapt[0],
    expand((460 * p2 - 891 * red - 261 * yellow) / 1403, v.fl) / v.adapt[1],
    expand((460 * p2 - 220 * red - 6300 * yellow) / 1403, v.fl) / v.adapt[2],
  ]);
}

/** CAM16-UCS coordinates; their Euclidean distance is a difference. Li et al. 2017 §5. */
export function cam16Ucs({ j, m, h }: Pick<Cam16, 'j' | 'm' | 'h'>): {
  readonly j: number;
  readonly a: number;
  readonly b: number;
} {
  const radius = Math.log1p(0.0228 * m) / 0.0228;
  return { j: (1.7 * j) / (1 + 0.007 * j), a: radius * Math.cos(h * RAD), b: radius * Math.sin(h * RAD) };
}
