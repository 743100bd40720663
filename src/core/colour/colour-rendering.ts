import { TEST_COLOUR_SAMPLES } from '../reference/test-colour-samples';
import { CMF_1931_X, CMF_1931_Y, CMF_1931_Z } from '../reference/cmf-1931';
import { GRID, onGrid, type SpectralPower } from './grid';
import { daylight } from './illuminant';
import { planckian } from './planck';
import { colourTemperature } from './temperature';
import type { XYZ } from './types';

/** CIE 13.3-1995: u, v (CIE 1960) with Y, and the quantities c and d of its adaptation. */
type Seen = { readonly y: number; readonly u: number; readonly v: number; readonly c: number; readonly d: number };

function seenAs({ x, y, z }: XYZ): Seen {
  const sum = x + 15 * y + 3 * z;
  const u = (4 * x) / sum;
  const v = (6 * y) / sum;
  return { y, u, v, c: (4 - u - 10 * v) / v, d: (1.708 * v + 0.404 - 1.481 * u) / v }; // §5.6
}

type Weights = { readonly x: Float64Array; readonly y: Float64Array; readonly z: Float64Array };

/**
 * What a light weighs each wavelength with: plain sums in steps of 5 nm, as the standard has it (§5.4) and its published indices were
 * computed.
 */
function weightsOf(power: SpectralPower): Weights {
  const by = (cmf: readonly number[]) => power.map((p, i) => p * cmf[i * GRID.step]!);
  const y = by(CMF_1931_Y);
  const scale = 100 / y.reduce((s, v) => s + v, 0);
  const scaled = (weights: Float64Array) => weights.map((v) => v * scale);
  return { x: scaled(by(CMF_1931_X)), y: scaled(y), z: scaled(by(CMF_1931_Z)) };
}

const totalOf = ({ x, y, z }: Weights): XYZ => {
  const sum = (v: Float64Array) => v.reduce((s, n) => s + n, 0);
  return { x: sum(x), y: sum(y), z: sum(z) };
};

function sampleUnder(weights: Weights, factors: readonly number[]): Seen {
  let [x, y, z] = [0, 0, 0];
  factors.forEach((r, i) => {
    x += r * weights.x[i]!;
    y += r * weights.y[i]!;
    z += r * weights.z[i]!;
  });
  return seenAs({ x, y, z });
}

/** A colour under the test source as an eye adapted to the reference sees it: von Kries in the CIE 1960 diagram, §5.6. */
function adapted(sample: Seen, source: Seen, reference: Seen): { readonly u: number; readonly v: number } {
  const c = (reference.c / source.c) * sample.c;
  const d = (reference.d / source.d) * sample.d;
  const below = 16.518 + 1.481 * c - d;
  return { u: (10.872 + 0.404 * c - 4 * d) / below, v: 5.52 / below };
}

/** W*, U*, V* of CIE 1964 beside the reference white, §5.7. */
function uvwStar(
  y: number,
  { u, v }: { readonly u: number; readonly v: number },
  white: Seen,
): readonly [number, number, number] {
  const w = 25 * Math.cbrt(y) - 17;
  return [w, 13 * w * (u - white.u), 13 * w * (v - white.v)];
}

/** Below it the reference is a black body, from it on CIE daylight, K. §5.2 */
const DAYLIGHT_FROM_K = 5000;
/** Difference of one step in an index, §6.1. */
const PER_DELTA_E = 4.6;
/** How many of the samples the general index is the mean of. */
const GENERAL = 8;

export type ColourRendering = {
  readonly cctK: number;
  /** General colour rendering index, at most 100; of a light far from white it can fall below 0. */
  readonly ra: number;
  /** Special indices R1 to R14. */
  readonly r: readonly number[];
};

/**
 * How well a light renders colours beside a reference of its own temperature. CIE 13.3-1995, 2° observer, 5 nm.
 *
 * @param power relative spectral power on the grid, of a correlated colour temperature of 1,000–25,000 K
 */
export function colourRendering(power: SpectralPower): ColourRendering {
  const weights = weightsOf(power);
  const white = totalOf(weights);
  const { cctK } = colourTemperature(white);
  const twin = cctK < DAYLIGHT_FROM_K ? onGrid((nm) => planckian(nm, cctK)) : daylight(Math.min(25_000, cctK));
  const twinWeights = weightsOf(twin);
  const source = seenAs(white);
  const reference = seenAs(totalOf(twinWeights));
  const r = TEST_COLOUR_SAMPLES.map((factors) => {
    const under = sampleUnder(weights, factors);
    const beside = sampleUnder(twinWeights, factors);
    const [w1, u1, v1] = uvwStar(under.y, adapted(under, source, reference), reference);
    const [w2, u2, v2] = uvwStar(beside.y, beside, reference);
    return 100 - PER_DELTA_E * Math.hypot(w1 - w2, u1 - u2, v1 - v2);
  });
  return { cctK, ra: r.slice(0, GENERAL).reduce((s, v) => s + v, 0) / GENERAL, r };
}
