import { normal, seededRandom } from '../base/random';
import { ok, type Ok } from '../base/result';
import { deltaE00 } from './ciede2000';
import { GRID, type Reflectance } from './grid';
import { labFromXyz, xyzFromLab } from './lab';
import { reflectanceFromLab, type NotASurface } from './reflectance';
import type { Weights } from './observer';
import { solve3 } from './tridiagonal';
import { D65_10, tristimulus, whiteOf } from './tristimulus';
import type { Lab } from './types';

export const METAMERS = {
  /** Curves in an ensemble, the smoothest included. */
  count: 24,
  /** Random waves added to z = atanh(2ρ − 1): from this many half-waves over the grid to that many. */
  waves: { from: 2, to: 9 },
  /**
   * Size of the waves, in z. Chosen so that the spread under other lights covers that of measured paint charts (`metamers.test.ts`); the
   * product's own figure.
   */
  amplitude: 0.2,
  /** Projections back onto the colour; each is Newton's, so few are needed. */
  steps: 20,
  tolerance: 1e-4,
  /** Share of the ensemble that the reported spread covers. */
  covered: 0.9,
} as const;

const rows = [D65_10.x, D65_10.y, D65_10.z] as const;

/** One wavy, smooth disturbance of z over the grid. */
function disturbance(random: () => number): Float64Array {
  const wave = new Float64Array(GRID.count);
  for (let k = METAMERS.waves.from; k <= METAMERS.waves.to; k++) {
    const [size, phase] = [(normal(random) * METAMERS.amplitude * METAMERS.waves.from) / k, 2 * Math.PI * random()];
    for (let i = 0; i < GRID.count; i++) wave[i]! += size * Math.cos((Math.PI * k * i) / (GRID.count - 1) + phase);
  }
  return wave;
}

/** Moves z by the least amount until its reflectance has the target colour again; undefined when it does not get there. */
function project(z: Float64Array, target: readonly number[]): Reflectance | undefined {
  for (let step = 0; step < METAMERS.steps; step++) {
    const rho = z.map((v) => (Math.tanh(v) + 1) / 2);
    const error = rows.map((row, k) => target[k]! - row.reduce((s, w, i) => s + w * rho[i]!, 0));
    if (Math.max(...error.map(Math.abs)) < METAMERS.tolerance) return rho;
    const jacobian = rows.map((row) => row.map((w, i) => w * 2 * rho[i]! * (1 - rho[i]!)));
    const gram = jacobian.map((p) => jacobian.map((q) => p.reduce((s, v, i) => s + v * q[i]!, 0)));
    const [p, q, r] = solve3(gram, error);
    if (!Number.isFinite(p + q + r)) return undefined;
    for (let i = 0; i < GRID.count; i++) z[i]! += p * jacobian[0]![i]! + q * jacobian[1]![i]! + r * jacobian[2]![i]!;
  }
  return undefined;
}

/**
 * Plausible surfaces that all have the colour `lab` under D65 (10°): the smoothest reflectance first, then smooth random neighbours of it.
 * Deterministic for a seed. Each value lies strictly between 0 and 1; each colour within 1e-4 of XYZ.
 */
export function metamers(lab: Lab, seed = 1): Ok<readonly Reflectance[]> | NotASurface {
  const smoothest = reflectanceFromLab(lab);
  if (!smoothest.ok) return smoothest;
  const { x, y, z } = xyzFromLab(lab);
  const start = smoothest.value.map((r) => Math.atanh(2 * r - 1));
  const random = seededRandom(seed);
  const found: Reflectance[] = [smoothest.value];
  for (let tries = 0; found.length < METAMERS.count && tries < 3 * METAMERS.count; tries++) {
    const wave = disturbance(random);
    const curve = project(
      start.map((v, i) => v + wave[i]!),
      [x, y, z],
    );
    if (curve) found.push(curve);
  }
  return ok(found);
}

export type UnderLight = {
  /** Lab against the light's own white. */
  readonly lab: Lab;
  /** ΔE00 around it that holds most of the plausible surfaces; 0 for a measured spectrum. */
  readonly spread: number;
};

const labUnder = (reflectance: Reflectance, weights: Weights): Lab =>
  labFromXyz(tristimulus(reflectance, weights), whiteOf(weights));

/** A measured spectrum under another light: one answer, no range. */
export const measuredUnder = (reflectance: Reflectance, weights: Weights): UnderLight => ({
  lab: labUnder(reflectance, weights),
  spread: 0,
});

/**
 * A colour known by its Lab only, under another light: the smoothest surface's Lab there, and how far plausible others stray from it
 * (the 90th percentile, ΔE00).
 */
export function ensembleUnder(ensemble: readonly Reflectance[], weights: Weights): UnderLight {
  const lab = labUnder(ensemble[0]!, weights);
  const apart = ensemble.map((r) => deltaE00(lab, labUnder(r, weights))).sort((p, q) => p - q);
  return { lab, spread: apart[Math.min(apart.length - 1, Math.floor(apart.length * METAMERS.covered))]! };
}
