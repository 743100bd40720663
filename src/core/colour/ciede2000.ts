import type { Lab } from './types';
import { RAD } from '../base/angles';

const POW25_7 = 25 ** 7;
const { abs, atan2, cos, exp, sin, sqrt } = Math;

const pow7 = (c: number) => {
  const c2 = c * c;
  return c2 * c2 * c2 * c;
};

/** Lightness, chroma and hue differences of CIEDE2000 with their weighting functions, second minus first. */
export type Ciede2000Terms = {
  readonly deltaL: number;
  readonly deltaC: number;
  readonly deltaH: number;
  readonly sL: number;
  readonly sC: number;
  readonly sH: number;
  readonly rT: number;
};

/** Cosine and sine of the mean hue, and the hue difference ΔH′. */
type Hues = { readonly cosH: number; readonly sinH: number; readonly deltaH: number };

/** a′, b and C′ of a colour. */
type Chromatic = { readonly a: number; readonly b: number; readonly c: number };

/** Mean hue and hue difference of two colours by their angles, as the equations stand: eq. 7, 10, 11, 14. */
function byAngles(p: Chromatic, q: Chromatic): Hues {
  let h1 = p.c === 0 ? 0 : atan2(p.b, p.a); // eq. 7
  let h2 = q.c === 0 ? 0 : atan2(q.b, q.a);
  if (h1 < 0) h1 += 2 * Math.PI;
  if (h2 < 0) h2 += 2 * Math.PI;
  let dh = 0;
  let hMean = h1 + h2; // eq. 14, when one is neutral
  if (p.c * q.c !== 0) {
    dh = h2 - h1; // eq. 10
    hMean /= 2;
    if (abs(dh) > Math.PI) {
      dh += dh > 0 ? -2 * Math.PI : 2 * Math.PI;
      hMean += hMean < Math.PI ? Math.PI : -Math.PI;
    }
  }
  return { cosH: cos(hMean), sinH: sin(hMean), deltaH: 2 * sqrt(p.c * q.c) * sin(dh / 2) };
}

/** Cosine of half the angle between hues that are nearly opposite: which way round is the shorter hangs on the last digit. */
const OPPOSITE = 1e-6;
const [COS_30, SIN_30] = [cos(30 * RAD), sin(30 * RAD)];
const [COS_6, SIN_6] = [cos(6 * RAD), sin(6 * RAD)];
const [COS_63, SIN_63] = [cos(63 * RAD), sin(63 * RAD)];

/**
 * The same without an angle: the mean hue is the direction of the sum of both hues as vectors of length one, and the sine of half their
 * difference is their cross product over the length of that sum.
 */
function huesOf(p: Chromatic, q: Chromatic): Hues {
  const both = p.c * q.c;
  const x = p.a * q.c + q.a * p.c;
  const y = p.b * q.c + q.b * p.c;
  const length = sqrt(x * x + y * y);
  if (!(length > 2 * both * OPPOSITE) || both === 0) return byAngles(p, q);
  return { cosH: x / length, sinH: y / length, deltaH: (2 * sqrt(both) * (p.a * q.b - p.b * q.a)) / length };
}

/** Eq. 15, from the cosine and sine of the mean hue. */
function hueWeight(c: number, s: number): number {
  const [cos2, sin2] = [2 * c * c - 1, 2 * s * c];
  const [cos3, sin3] = [c * (4 * c * c - 3), s * (3 - 4 * s * s)];
  const [cos4, sin4] = [2 * cos2 * cos2 - 1, 2 * sin2 * cos2];
  return (
    1 -
    0.17 * (c * COS_30 + s * SIN_30) +
    0.24 * cos2 +
    0.32 * (cos3 * COS_6 - sin3 * SIN_6) -
    0.2 * (cos4 * COS_63 + sin4 * SIN_63)
  );
}

/** Eq. 16 with the sine of eq. 21: how far the ellipses of blue are turned. From 0° to 120° it is nothing to sixteen digits. */
function turned(c: number, s: number): number {
  if (s >= 0 && c > -0.5) return 0;
  const hue = atan2(s, c) / RAD;
  const spread = ((hue < 0 ? hue + 360 : hue) - 275) / 25;
  return sin(60 * RAD * exp(-spread * spread));
}

/** The terms of CIEDE2000 between a reference and a sample. Sharma, Wu & Dalal 2005 eq. 2–21. */
export function ciede2000Terms(reference: Lab, sample: Lab): Ciede2000Terms {
  const c1 = sqrt(reference.a * reference.a + reference.b * reference.b);
  const c2 = sqrt(sample.a * sample.a + sample.b * sample.b);
  const mean7 = pow7((c1 + c2) / 2);
  const g = 1.5 - 0.5 * sqrt(mean7 / (mean7 + POW25_7)); // eq. 4, with the 1 of eq. 5
  const a1 = reference.a * g;
  const a2 = sample.a * g;
  const cp1 = sqrt(a1 * a1 + reference.b * reference.b); // eq. 6
  const cp2 = sqrt(a2 * a2 + sample.b * sample.b);
  const { cosH, sinH, deltaH } = huesOf({ a: a1, b: reference.b, c: cp1 }, { a: a2, b: sample.b, c: cp2 });
  const lMean50 = (reference.l + sample.l) / 2 - 50;
  const cMean = (cp1 + cp2) / 2;
  const cMean7 = pow7(cMean);
  const rC = 2 * sqrt(cMean7 / (cMean7 + POW25_7)); // eq. 17
  return {
    deltaL: sample.l - reference.l,
    deltaC: cp2 - cp1,
    deltaH, // eq. 11
    sL: 1 + (0.015 * lMean50 * lMean50) / sqrt(20 + lMean50 * lMean50), // eq. 18
    sC: 1 + 0.045 * cMean, // eq. 19
    sH: 1 + 0.015 * cMean * hueWeight(cosH, sinH), // eq. 20
    rT: -turned(cosH, sinH) * rC, // eq. 21
  };
}

/**
 * CIEDE2000 colour difference with kL = kC = kH = 1; symmetric; 0 for equal colours.
 *
 * @example deltaE00({ l: 50, a: 2.6772, b: -79.7751 }, { l: 50, a: 0, b: -82.7485 }) // → 2.0425
 */
export function deltaE00(reference: Lab, sample: Lab): number {
  const { deltaL, deltaC, deltaH, sL, sC, sH, rT } = ciede2000Terms(reference, sample);
  const l = deltaL / sL;
  const c = deltaC / sC;
  const h = deltaH / sH;
  return sqrt(l * l + c * c + h * h + rT * c * h); // eq. 22
}
