import { readFileSync } from 'node:fs';
import { CMF_1964_X, CMF_1964_Y, CMF_1964_Z } from '../reference/cmf-1964';
import { deltaE00 } from './ciede2000';
import { illuminant } from './illuminant';
import { labFromXyz } from './lab';
import { integrationWeights } from './observer';
import { resample } from './resample';
import { tristimulus, whiteOf } from './tristimulus';

/** Plain 1 nm integration (ASTM E308 §7), the spectra brought to 1 nm by natural cubic spline, the light by straight lines. */
function oneNanometre(values: readonly number[], power: ArrayLike<number>) {
  const valueAt = splineOf(values);
  const sums = { x: 0, y: 0, z: 0, wx: 0, wy: 0, wz: 0 };
  for (let n = 0; n <= 400; n++) {
    const i = Math.min(79, Math.floor(n / 5));
    const light = power[i]! + ((power[i + 1]! - power[i]!) * (n - 5 * i)) / 5;
    const r = valueAt(380 + n);
    sums.x += r * light * CMF_1964_X[n]!;
    sums.y += r * light * CMF_1964_Y[n]!;
    sums.z += r * light * CMF_1964_Z[n]!;
    sums.wx += light * CMF_1964_X[n]!;
    sums.wy += light * CMF_1964_Y[n]!;
    sums.wz += light * CMF_1964_Z[n]!;
  }
  const k = 100 / sums.wy;
  return labFromXyz({ x: k * sums.x, y: k * sums.y, z: k * sums.z }, { x: k * sums.wx, y: 100, z: k * sums.wz });
}

/** Natural cubic spline through 5 nm samples from 380 nm. */
function splineOf(values: readonly number[]): (nm: number) => number {
  const n = values.length;
  const second = new Array<number>(n).fill(0);
  const sweep = new Array<number>(n).fill(0);
  for (let i = 1; i < n - 1; i++) {
    const p = 0.5 * second[i - 1]! + 2;
    second[i] = -0.5 / p;
    sweep[i] = ((6 * (values[i + 1]! - 2 * values[i]! + values[i - 1]!)) / 2 - 0.5 * sweep[i - 1]!) / p;
  }
  for (let i = n - 2; i >= 0; i--) second[i] = second[i]! * second[i + 1]! + sweep[i]!;
  return (nm) => {
    const i = Math.min(n - 2, Math.floor((nm - 380) / 5));
    const t = (nm - 380) / 5 - i;
    const s = 1 - t;
    return s * values[i]! + t * values[i + 1]! + ((s ** 3 - s) * second[i]! + (t ** 3 - t) * second[i + 1]!) / 6;
  };
}

describe('integration on the 5 nm grid', () => {
  const lines = readFileSync('tests/golden/colorchecker.csv', 'utf8')
    .trim()
    .split('\n')
    .filter((l) => !l.startsWith('#'));
  const rows = lines.slice(1).map((l) => l.split(',').map(Number));
  const chart = lines[0]!
    .split(',')
    .slice(1)
    .map((_, k) =>
      Array.from(
        resample(
          380,
          5,
          rows.map((r) => r[k + 1]!),
        ).reflectance,
      ),
    );

  test.each(['F2', 'F11', 'LED-3000', 'D65', 'A'])(
    'agrees with 1 nm integration under %s within ΔE00 0.1, for every patch of a measured chart',
    (name) => {
      const light = illuminant(name);
      if (!light.ok) throw new Error(name);
      const weights = integrationWeights(light.value, 10);
      const white = whiteOf(weights);
      const worst = Math.max(
        ...chart.map((r) => deltaE00(labFromXyz(tristimulus(r, weights), white), oneNanometre(r, light.value))),
      );
      expect(worst).toBeLessThan(0.1);
      // the plain 5 nm sum is worse under line spectra: what the weights are for
      if (name !== 'F11') return;
      const plain = chart.map((r) => {
        const sum = (values: readonly number[], by: (i: number) => number) =>
          values.reduce((s, v, i) => s + v * light.value[i]! * by(i), 0);
        const ones = new Array<number>(81).fill(1);
        const cmf = [CMF_1964_X, CMF_1964_Y, CMF_1964_Z].map((c) => (i: number) => c[5 * i]!);
        const [x, y, z] = cmf.map((c) => sum(r, c));
        const [wx, wy, wz] = cmf.map((c) => sum(ones, c));
        const lab = labFromXyz(
          { x: (100 * x!) / wy!, y: (100 * y!) / wy!, z: (100 * z!) / wy! },
          { x: (100 * wx!) / wy!, y: 100, z: (100 * wz!) / wy! },
        );
        return deltaE00(lab, oneNanometre(r, light.value));
      });
      expect(Math.max(...plain)).toBeGreaterThan(worst);
    },
  );
});
