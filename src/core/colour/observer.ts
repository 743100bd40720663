import { CMF_1931_X, CMF_1931_Y, CMF_1931_Z } from '../reference/cmf-1931';
import { CMF_1964_X, CMF_1964_Y, CMF_1964_Z } from '../reference/cmf-1964';
import { GRID, type SpectralPower } from './grid';

/** 2 is the CIE 1931 observer, 10 the CIE 1964 observer. */
export type Observer = 2 | 10;

const CMF: Record<Observer, readonly (readonly number[])[]> = {
  2: [CMF_1931_X, CMF_1931_Y, CMF_1931_Z],
  10: [CMF_1964_X, CMF_1964_Y, CMF_1964_Z],
};

/** Weights that turn a reflectance on the grid into XYZ; each `x`, `y`, `z` holds 81 numbers, `y` sums to 100. */
export type Weights = {
  readonly observer: Observer;
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly z: Float64Array;
};

/** Grid index left of 1 nm step `n`, and how far towards the next sample it lies (0–1). */
const locate = (n: number): [number, number] => {
  const i = Math.min(Math.floor(n / GRID.step), GRID.count - 2);
  return [i, n / GRID.step - i];
};

/** Lagrange cubic coefficients at `t` in the middle interval of four samples; quadratic in the end intervals. */
function lagrange(i: number, t: number): [first: number, coefficients: number[]] {
  if (i === 0) return [0, [((1 - t) * (2 - t)) / 2, t * (2 - t), (t * (t - 1)) / 2]];
  if (i === GRID.count - 2) return [i - 1, [(t * (t - 1)) / 2, (1 - t) * (1 + t), (t * (1 + t)) / 2]];
  return [
    i - 1,
    [(-t * (t - 1) * (t - 2)) / 6, ((t + 1) * (t - 1) * (t - 2)) / 2, (-(t + 1) * t * (t - 2)) / 2, ((t + 1) * t * (t - 1)) / 6],
  ];
}

/**
 * Integration weights of an illuminant and an observer for reflectances on the 5 nm grid, made from the 1 nm
 * colour-matching functions so that 5 nm data integrate as exactly as 1 nm data would.
 *
 * The idea of ASTM E308 tables: the illuminant is interpolated linearly and the reflectance by Lagrange cubics to 1 nm.
 *
 * @param power relative spectral power on the grid, any scale, not all zero
 * @throws RangeError when the illuminant gives no light
 */
export function integrationWeights(power: SpectralPower, observer: Observer): Weights {
  const sums = [0, 1, 2].map(() => new Float64Array(GRID.count));
  for (let n = 0; n <= GRID.end - GRID.start; n++) {
    const [i, t] = locate(n);
    const light = power[i]! * (1 - t) + power[i + 1]! * t;
    const [first, coefficients] = lagrange(i, t);
    for (let k = 0; k < 3; k++) {
      const weight = light * CMF[observer][k]![n]!;
      for (let j = 0; j < coefficients.length; j++) sums[k]![first + j]! += weight * coefficients[j]!;
    }
  }
  const total = sums[1]!.reduce((s, v) => s + v, 0);
  if (!(total > 0)) throw new RangeError(`illuminant gives no light: sum of Y weights ${total}`);
  const [x, y, z] = sums.map((s) => s.map((v) => (v * 100) / total)) as [Float64Array, Float64Array, Float64Array];
  return { observer, x, y, z };
}
