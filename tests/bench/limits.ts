import { seededRandom } from '@/core/base/random';
import { deltaE00 } from '@/core/colour/ciede2000';
import { GRID } from '@/core/colour/grid';
import { D65_10, tristimulus } from '@/core/colour/tristimulus';
import type { Lab } from '@/core/colour/types';
import { patchBox, patchSize } from '@/core/light/box';
import { bounceWeights, formFactors } from '@/core/light/radiosity';
import { BANDS } from '@/core/light/spectral';
import { medianSeconds, nearness, sized } from './measure';

/** The least share of a bare loop over typed arrays that the heaviest sums come to. */
const LEAST = 0.6;

/** Runs two ways in turns, so that a busy machine slows both, and answers the median of each. */
function inTurns(own: () => void, bare: () => void): readonly [number, number] {
  own();
  bare();
  const times = Array.from({ length: sized(9, 1) }, () => [medianSeconds(own, 1), medianSeconds(bare, 1)] as const);
  const median = (k: 0 | 1) => times.map((t) => t[k]).sort((p, q) => p - q)[Math.floor(times.length / 2)]!;
  return [median(0), median(1)];
}

let sink = 0;

function benchSpectra(): void {
  const count = sized(20_000, 500);
  const random = seededRandom(3);
  const { count: n } = GRID;
  const spectra = Array.from({ length: count }, () => Float64Array.from({ length: n }, random));
  const { x: wx, y: wy, z: wz } = D65_10;
  const [own, bare] = inTurns(
    () => {
      for (let k = 0; k < count; k++) sink += tristimulus(spectra[k]!, D65_10).y;
    },
    () => {
      for (let k = 0; k < count; k++) {
        const r = spectra[k]!;
        let [x, y, z] = [0, 0, 0];
        for (let i = 0; i < n; i++) {
          const v = r[i]!;
          x += v * wx[i]!;
          y += v * wy[i]!;
          z += v * wz[i]!;
        }
        sink += x + y + z;
      }
    },
  );
  nearness('spectra to XYZ', own, bare, LEAST);
}

const { atan2, cos, exp, PI, sin, sqrt } = Math;
const POW25_7 = 25 ** 7;

/** CIEDE2000 over plain arrays l, a, b of both colours, as one loop and nothing else. Sharma, Wu & Dalal 2005. */
function bareDeltaE(p: Float64Array, q: Float64Array, out: Float64Array): void {
  for (let k = 0, i = 0; k < out.length; k++, i += 3) {
    const [l1, a1, b1, l2, a2, b2] = [p[i]!, p[i + 1]!, p[i + 2]!, q[i]!, q[i + 1]!, q[i + 2]!];
    const mean = (sqrt(a1 * a1 + b1 * b1) + sqrt(a2 * a2 + b2 * b2)) / 2;
    const mean2 = mean * mean;
    const mean7 = mean2 * mean2 * mean2 * mean;
    const g = 1.5 - 0.5 * sqrt(mean7 / (mean7 + POW25_7));
    const [s1, s2] = [a1 * g, a2 * g];
    const c1 = sqrt(s1 * s1 + b1 * b1);
    const c2 = sqrt(s2 * s2 + b2 * b2);
    let h1 = atan2(b1, s1);
    let h2 = atan2(b2, s2);
    if (h1 < 0) h1 += 2 * PI;
    if (h2 < 0) h2 += 2 * PI;
    let dh = h2 - h1;
    let hue = (h1 + h2) / 2;
    if (dh > PI) {
      dh -= 2 * PI;
      hue += hue < PI ? PI : -PI;
    } else if (dh < -PI) {
      dh += 2 * PI;
      hue += hue < PI ? PI : -PI;
    }
    const l50 = (l1 + l2) / 2 - 50;
    const c = (c1 + c2) / 2;
    const t = 1 - 0.17 * cos(hue - PI / 6) + 0.24 * cos(2 * hue) + 0.32 * cos(3 * hue + PI / 30) - 0.2 * cos(4 * hue - 0.35 * PI);
    const turn = ((hue * 180) / PI - 275) / 25;
    const cc = c * c;
    const c7 = cc * cc * cc * c;
    const rt = -sin((PI / 3) * exp(-turn * turn)) * 2 * sqrt(c7 / (c7 + POW25_7));
    const dl = (l2 - l1) / (1 + (0.015 * l50 * l50) / sqrt(20 + l50 * l50));
    const dc = (c2 - c1) / (1 + 0.045 * c);
    const dH = (2 * sqrt(c1 * c2) * sin(dh / 2)) / (1 + 0.015 * c * t);
    out[k] = sqrt(dl * dl + dc * dc + dH * dH + rt * dc * dH);
  }
}

function benchDifference(): void {
  const count = sized(100_000, 2000);
  const random = seededRandom(5);
  const flat = () => Float64Array.from({ length: 3 * count }, (_, i) => (i % 3 === 0 ? 5 + 92 * random() : 60 * random() - 30));
  const [p, q] = [flat(), flat()];
  const labs = (from: Float64Array) =>
    Array.from({ length: count }, (_, k): Lab => ({ l: from[3 * k]!, a: from[3 * k + 1]!, b: from[3 * k + 2]! }));
  const [first, second] = [labs(p), labs(q)];
  const out = new Float64Array(count);
  bareDeltaE(p, q, out);
  for (let k = 0; k < count; k++)
    if (Math.abs(out[k]! - deltaE00(first[k]!, second[k]!)) > 1e-9) throw new Error('the bare loop is not CIEDE2000');
  const [own, bare] = inTurns(
    () => {
      for (let k = 0; k < count; k++) sink += deltaE00(first[k]!, second[k]!);
    },
    () => bareDeltaE(p, q, out),
  );
  nearness('CIEDE2000', own, bare, LEAST);
}

/** A day's bounces are one adjoint solution, and then sums: what it needs is a multiplication and an addition for each pair of patches, column and sweep. */
function benchRadiosity(): void {
  const box = { widthM: 4, depthM: 5, heightM: 2.6 };
  const patched = patchBox(box, patchSize(box, sized(300, 60)));
  const n = patched.patches.length;
  const factors = formFactors(patched);
  const count = 5;
  const random = seededRandom(6);
  const reflectance = Float64Array.from({ length: n * BANDS.count }, () => 0.3 + 0.4 * random());
  const receivers = { factors: factors.slice(0, count * n), reflectance, count, bands: BANDS.count };
  const { multiplyAdds } = bounceWeights(factors, receivers);
  const [own, bare] = inTurns(
    () => void (sink += bounceWeights(factors, receivers).weights[0]!),
    () => {
      const rounds = Math.round(multiplyAdds / (n * n * 4));
      const block = new Float64Array(4 * n).fill(0.5);
      for (let round = 0; round < rounds; round++)
        for (let j = 0; j < n; j++) {
          let [a, b, c, d] = [0, 0, 0, 0];
          for (let i = j * n, at = 0; at < block.length; i++, at += 4) {
            const f = factors[i]!;
            a += f * block[at]!;
            b += f * block[at + 1]!;
            c += f * block[at + 2]!;
            d += f * block[at + 3]!;
          }
          sink += a + b + c + d;
        }
    },
  );
  nearness('a day’s radiosity', own, bare, LEAST);
}

/** The distance of the heaviest sums to what the machine can do. */
export function benchLimits(): void {
  benchSpectra();
  benchDifference();
  benchRadiosity();
  if (!Number.isFinite(sink)) throw new Error('a sum was not a number');
}
