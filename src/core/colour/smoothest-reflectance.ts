import { ok, type Ok, type Refused } from '../result';
import { solve3, solveTridiagonal } from './tridiagonal';

/** Three rows of weights: `rows[k] · ρ` is the k-th tristimulus value of the reflectance ρ. */
export type WeightRows = readonly [ArrayLike<number>, ArrayLike<number>, ArrayLike<number>];

export const SMOOTHEST = {
  /** Newton steps before the colour is called unreachable. */
  maxSteps: 120,
  /** Largest change of z in one step: tanh is flat beyond a few units. */
  maxMove: 2,
  /** Keeps the tridiagonal system regular (a constant z costs nothing); too small to slow convergence. */
  ridge: 1e-7,
  /** A step of z smaller than this is the minimum. */
  stillness: 1e-4,
  /** From here on tanh is flat: near black and near white z grows for ever while the residual shrinks. */
  flatZ: 5,
  /** |z| beyond which the curve has run into 0 or 1: 1 − ρ < 1e-9. */
  maxZ: 11,
} as const;

export type Smoothest = { readonly reflectance: Float64Array; readonly steps: number; readonly residual: number };

/** Largest absolute difference of three numbers. */
const worst = (v: readonly number[]) => Math.max(...v.map(Math.abs));

/**
 * The smoothest physically possible reflectance with given tristimulus values: ρ = (tanh z + 1) / 2, minimising Σ (zᵢ₊₁ − zᵢ)².
 * Newton's method on the Lagrangian with its tridiagonal structure. Burns 2020, "Numerical methods for smoothest reflectance
 * reconstruction", Color Research & Application 45 (LHTSS). 0 < ρ < 1 everywhere.
 *
 * @param target three tristimulus values in the units of `rows`
 * @param tolerance largest residual in those units
 * @returns `unreachable` when no reflectance between 0 and 1 has these values (outside the object-colour solid)
 */
export function smoothestReflectance(
  target: readonly [number, number, number],
  rows: WeightRows,
  tolerance: number,
): Ok<Smoothest> | Refused<'unreachable', { residual: number }> {
  const quick = newton(target, rows, tolerance, (curvature) => curvature);
  if (quick.ok) return quick;
  // A few very dark, saturated colours make the full Hessian indefinite: its positive part alone converges slower but safely.
  return newton(target, rows, tolerance, (curvature) => Math.max(0, curvature));
}

function newton(
  target: readonly [number, number, number],
  rows: WeightRows,
  tolerance: number,
  keep: (curvature: number) => number,
): Ok<Smoothest> | Refused<'unreachable', { residual: number }> {
  const n = rows[0].length;
  const scale = rows.map((row) => Array.from(row).reduce((s, v) => s + v, 0));
  const mean = Math.min(0.999, Math.max(0.001, target[1] / scale[1]!));
  const z = new Float64Array(n).fill(Math.atanh(2 * mean - 1));
  const multipliers = [0, 0, 0];
  const rho = new Float64Array(n);
  const diagonal = new Float64Array(n);
  const off = new Float64Array(n - 1).fill(-2);
  const columns = [0, 1, 2, 3].map(() => new Float64Array(n));
  let residual = Infinity;
  let move = Infinity;

  for (let step = 1; step <= SMOOTHEST.maxSteps; step++) {
    for (let i = 0; i < n; i++) rho[i] = (Math.tanh(z[i]!) + 1) / 2;
    const error = rows.map((row, k) => {
      let s = -target[k]!;
      for (let i = 0; i < n; i++) s += row[i]! * rho[i]!;
      return s;
    });
    residual = worst(error);
    if (residual <= tolerance && (move < SMOOTHEST.stillness || worst([z[0]!, z[n >> 1]!, z[n - 1]!]) > SMOOTHEST.flatZ))
      return ok({ reflectance: rho, steps: step, residual });

    const [g, j0, j1, j2] = columns as [Float64Array, Float64Array, Float64Array, Float64Array];
    const jacobian = [new Float64Array(n), new Float64Array(n), new Float64Array(n)];
    for (let i = 0; i < n; i++) {
      const slope = 2 * rho[i]! * (1 - rho[i]!); // dρ/dz = sech²(z) / 2
      const weighted = multipliers[0]! * rows[0][i]! + multipliers[1]! * rows[1][i]! + multipliers[2]! * rows[2][i]!;
      const ends = i === 0 || i === n - 1 ? 2 : 4;
      const left = i > 0 ? z[i - 1]! : z[i]!;
      const right = i < n - 1 ? z[i + 1]! : z[i]!;
      diagonal[i] = ends + SMOOTHEST.ridge + keep(-2 * (2 * rho[i]! - 1) * slope * weighted); // d²ρ/dz² = −2 tanh(z) dρ/dz
      g[i] = 2 * (2 * z[i]! - left - right);
      j0[i] = jacobian[0]![i] = rows[0][i]! * slope;
      j1[i] = jacobian[1]![i] = rows[1][i]! * slope;
      j2[i] = jacobian[2]![i] = rows[2][i]! * slope;
    }
    solveTridiagonal(diagonal, off, columns);
    const product = (a: Float64Array, b: Float64Array) => {
      let s = 0;
      for (let i = 0; i < n; i++) s += a[i]! * b[i]!;
      return s;
    };
    const schur = jacobian.map((row) => [product(row, j0), product(row, j1), product(row, j2)]);
    const right = jacobian.map((row, k) => error[k]! - product(row, g));
    const next = solve3(schur, right);
    move = 0;
    const delta = new Float64Array(n);
    for (let i = 0; i < n; i++) {
      delta[i] = -(g[i]! + next[0] * j0[i]! + next[1] * j1[i]! + next[2] * j2[i]!);
      move = Math.max(move, Math.abs(delta[i]!));
    }
    if (!Number.isFinite(move)) break;
    const damping = Math.min(1, SMOOTHEST.maxMove / move);
    for (let i = 0; i < n; i++) z[i] = Math.max(-SMOOTHEST.maxZ, Math.min(SMOOTHEST.maxZ, z[i]! + damping * delta[i]!));
    for (let k = 0; k < 3; k++) multipliers[k] = next[k]!;
  }
  return { ok: false, reason: 'unreachable', residual };
}
