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
  let h1 = cp1 === 0 ? 0 : atan2(reference.b, a1); // eq. 7
  let h2 = cp2 === 0 ? 0 : atan2(sample.b, a2);
  if (h1 < 0) h1 += 2 * Math.PI;
  if (h2 < 0) h2 += 2 * Math.PI;

  let dh = 0;
  let hMean = h1 + h2; // eq. 14, when one is neutral
  if (cp1 * cp2 !== 0) {
    dh = h2 - h1; // eq. 10
    hMean /= 2;
    if (abs(dh) > Math.PI) {
      dh += dh > 0 ? -2 * Math.PI : 2 * Math.PI;
      hMean += hMean < Math.PI ? Math.PI : -Math.PI;
    }
  }

  const lMean50 = (reference.l + sample.l) / 2 - 50;
  const cMean = (cp1 + cp2) / 2;
  const t =
    1 - 0.17 * cos(hMean - 30 * RAD) + 0.24 * cos(2 * hMean) + 0.32 * cos(3 * hMean + 6 * RAD) - 0.2 * cos(4 * hMean - 63 * RAD); // eq. 15
  const spread = (hMean / RAD - 275) / 25;
  const cMean7 = pow7(cMean);
  const rC = 2 * sqrt(cMean7 / (cMean7 + POW25_7)); // eq. 17
  return {
    deltaL: sample.l - reference.l,
    deltaC: cp2 - cp1,
    deltaH: 2 * sqrt(cp1 * cp2) * sin(dh / 2), // eq. 11
    sL: 1 + (0.015 * lMean50 * lMean50) / sqrt(20 + lMean50 * lMean50), // eq. 18
    sC: 1 + 0.045 * cMean, // eq. 19
    sH: 1 + 0.015 * cMean * t, // eq. 20
    rT: -sin(60 * RAD * exp(-spread * spread)) * rC, // eq. 16, 21
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
