import { CMF_1931_X, CMF_1931_Y, CMF_1931_Z } from '../reference/cmf-1931';
import { CMF_1964_X, CMF_1964_Y, CMF_1964_Z } from '../reference/cmf-1964';
import { map3, type Three } from '../base/map3';
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

/** Samples of the power before and behind one of the reflectance that a weight can come from, and how many there are with it. */
const REACH = 2;
const BAND = 2 * REACH + 1;

/** For x, y and z: how much each sample of the power (81 × {@link BAND}, from two before it on) adds to the weight of a reflectance. */
type Bands = Three<Float64Array>;

function bandsOf(observer: Observer): Bands {
  const bands: Bands = map3([0, 1, 2], () => new Float64Array(GRID.count * BAND));
  for (let n = 0; n <= GRID.end - GRID.start; n++) {
    const [i, t] = locate(n);
    const [first, coefficients] = lagrange(i, t);
    bands.forEach((band, k) =>
      coefficients.forEach((coefficient, j) => {
        const weight = CMF[observer][k]![n]! * coefficient;
        const at = (first + j) * BAND + REACH - (first + j);
        band[at + i]! += weight * (1 - t);
        band[at + i + 1]! += weight * t;
      }),
    );
  }
  return bands;
}
const BANDS: Record<Observer, Bands> = { 2: bandsOf(2), 10: bandsOf(10) };

/** Weights of the 81 reflectances, not normalised: each a sum over the samples of the power within reach. */
function banded(power: ArrayLike<number>, band: Float64Array): Float64Array {
  const weights = new Float64Array(GRID.count);
  for (let q = 0; q < GRID.count; q++) {
    let sum = 0;
    const from = Math.max(0, q - REACH);
    const to = Math.min(GRID.count - 1, q + REACH);
    for (let p = from; p <= to; p++) sum += power[p]! * band[q * BAND + p - q + REACH]!;
    weights[q] = sum;
  }
  return weights;
}

/**
 * Integration weights of an illuminant and an observer for reflectances on the 5 nm grid, made from the 1 nm
 * colour-matching functions so that 5 nm data integrate as exactly as 1 nm data would.
 *
 * The idea of ASTM E308 tables: the illuminant is interpolated linearly and the reflectance by Lagrange cubics to 1 nm. Both are linear, so
 * that what each sample of the illuminant adds to each weight is known beforehand.
 *
 * @param power relative spectral power on the grid, any scale, not all zero
 * @throws RangeError when the illuminant gives no light
 */
export function integrationWeights(power: SpectralPower, observer: Observer): Weights {
  const [x, y, z] = map3(BANDS[observer], (band) => banded(power, band));
  const total = y.reduce((s, v) => s + v, 0);
  if (!(total > 0)) throw new RangeError(`illuminant gives no light: sum of Y weights ${total}`);
  for (const weights of [x, y, z]) for (let q = 0; q < GRID.count; q++) weights[q] = (weights[q]! * 100) / total;
  return { observer, x, y, z };
}
