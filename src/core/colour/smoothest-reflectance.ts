import { map3 } from '@/core/base/map3';
import { ok, type Ok, type Refused } from '../base/result';
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

type Vector3 = readonly [number, number, number];

const dot = (a: ArrayLike<number>, b: ArrayLike<number>) => {
  let s = 0;
  for (let i = 0; i < a.length; i++) s += a[i]! * b[i]!;
  return s;
};

type Iterate = { readonly z: Float64Array; readonly rho: Float64Array };

/** Gradient of the roughness, Jacobian of the constraints and diagonal of the Lagrangian's Hessian at one iterate. */
function linearise({ z, rho }: Iterate, rows: WeightRows, weighted: (i: number) => number, keep: (curvature: number) => number) {
  const n = z.length;
  const gradient = new Float64Array(n);
  const diagonal = new Float64Array(n);
  const jacobian = [new Float64Array(n), new Float64Array(n), new Float64Array(n)] as const;
  for (let i = 0; i < n; i++) {
    const slope = 2 * rho[i]! * (1 - rho[i]!); // dρ/dz = sech²(z) / 2
    const ends = i === 0 || i === n - 1 ? 2 : 4;
    const left = i > 0 ? z[i - 1]! : z[i]!;
    const right = i < n - 1 ? z[i + 1]! : z[i]!;
    diagonal[i] = ends + SMOOTHEST.ridge + keep(-2 * (2 * rho[i]! - 1) * slope * weighted(i)); // d²ρ/dz² = −2 tanh(z) dρ/dz
    gradient[i] = 2 * (2 * z[i]! - left - right);
    for (let k = 0; k < 3; k++) jacobian[k as 0 | 1 | 2][i] = rows[k as 0 | 1 | 2][i]! * slope;
  }
  return { gradient, diagonal, jacobian };
}

/** Newton's step on the Lagrangian: the change of z and the new multipliers, by the Schur complement of the three constraints. */
function newtonStep(
  system: ReturnType<typeof linearise>,
  error: Vector3,
  off: Float64Array,
): { delta: Float64Array; next: Vector3 } {
  const { gradient, diagonal, jacobian } = system;
  const columns = [gradient.slice(), jacobian[0].slice(), jacobian[1].slice(), jacobian[2].slice()] as const;
  solveTridiagonal(diagonal, off, columns);
  const [g, j0, j1, j2] = columns;
  const schur = jacobian.map((row) => [dot(row, j0), dot(row, j1), dot(row, j2)]);
  const right = jacobian.map((row, k) => error[k]! - dot(row, g));
  const next = solve3(schur, right);
  const delta = g.map((v, i) => -(v + next[0] * j0[i]! + next[1] * j1[i]! + next[2] * j2[i]!));
  return { delta, next };
}

function newton(
  target: Vector3,
  rows: WeightRows,
  tolerance: number,
  keep: (curvature: number) => number,
): Ok<Smoothest> | Refused<'unreachable', { residual: number }> {
  const n = rows[0].length;
  const mean = Math.min(0.999, Math.max(0.001, target[1] / dot(rows[1], new Float64Array(n).fill(1))));
  const z = new Float64Array(n).fill(Math.atanh(2 * mean - 1));
  const off = new Float64Array(n - 1).fill(-2);
  let multipliers: Vector3 = [0, 0, 0];
  let residual = Infinity;
  let move = Infinity;
  for (let step = 1; step <= SMOOTHEST.maxSteps; step++) {
    const rho = z.map((v) => (Math.tanh(v) + 1) / 2);
    const error = map3(rows, (row, k) => dot(row, rho) - target[k]);
    residual = worst(error);
    const still = move < SMOOTHEST.stillness || worst([z[0]!, z[n >> 1]!, z[n - 1]!]) > SMOOTHEST.flatZ;
    if (residual <= tolerance && still) return ok({ reflectance: rho, steps: step, residual });
    const [p, q, r] = multipliers;
    const weighted = (i: number) => p * rows[0][i]! + q * rows[1][i]! + r * rows[2][i]!;
    const { delta, next } = newtonStep(linearise({ z, rho }, rows, weighted, keep), error, off);
    move = Math.max(...delta.map(Math.abs));
    if (!Number.isFinite(move)) break;
    const damping = Math.min(1, SMOOTHEST.maxMove / move);
    for (let i = 0; i < n; i++) z[i] = Math.max(-SMOOTHEST.maxZ, Math.min(SMOOTHEST.maxZ, z[i]! + damping * delta[i]!));
    multipliers = next;
  }
  return { ok: false, reason: 'unreachable', residual };
}
