import { pointsOf, type PatchedBox } from './box';
import { elementFactors } from './element-factors';

const { abs, max } = Math;

/** Points across and up a patch over which its form factors are averaged, and patches of a room from which its middle is enough. */
const POINTS = 2;
const MANY_PATCHES = 400;

/**
 * Form factors from each patch to every other, row by row (n × n): the mean over a few points of the patch, exact for each, so that the
 * rows of a closed room add up to 1.
 */
export function formFactors({ faces, patches }: PatchedBox): Float64Array {
  const n = patches.length;
  const factors = new Float64Array(n * n);
  const points = n > MANY_PATCHES ? 1 : POINTS;
  patches.forEach((from, i) => {
    const own = faces[from.face]!.plane;
    for (const at of pointsOf(from, points))
      faces.forEach((to, f) => {
        if (f === from.face) return;
        const first = i * n + to.first;
        elementFactors(at, own, to).forEach((factor, j) => (factors[first + j]! += factor / points ** 2));
      });
  });
  return factors;
}

export const RADIOSITY = {
  sweeps: 200,
  /** Largest change of a sweep over the largest value at which a solution counts as found. */
  tolerance: 1e-6,
  /** The same for the adjoint, whose values only weigh light. */
  weightTolerance: 1e-4,
} as const;

export type Bounced = {
  /** Illuminance with everything bounced, per patch, in the units of `direct`. */
  readonly total: Float64Array;
  readonly sweeps: number;
  /** Largest change of the last sweep over the largest illuminance. */
  readonly residual: number;
  readonly converged: boolean;
};

function mustReflectLess(reflectance: ArrayLike<number>): void {
  for (let i = 0; i < reflectance.length; i++)
    if (!(reflectance[i]! >= 0 && reflectance[i]! < 1)) throw new RangeError(`reflectance ${reflectance[i]}: must lie in [0, 1)`);
}

/**
 * Illuminance of each patch when all reflect diffusely: E = direct + F (ρ E), by Gauss–Seidel sweeps.
 *
 * @param direct illuminance per patch before any bounce; @param reflectance per patch, 0 ≤ ρ < 1
 * @throws RangeError for a reflectance outside that: at ρ = 1 everywhere the light would never end
 */
export function bounce(factors: Float64Array, direct: ArrayLike<number>, reflectance: ArrayLike<number>): Bounced {
  const n = direct.length;
  mustReflectLess(reflectance);
  const total = Float64Array.from(direct);
  let residual = Infinity;
  for (let sweep = 1; sweep <= RADIOSITY.sweeps; sweep++) {
    let change = 0;
    let largest = 0;
    for (let i = 0; i < n; i++) {
      let sum = direct[i]!;
      for (let j = 0; j < n; j++) sum += factors[i * n + j]! * reflectance[j]! * total[j]!;
      change = max(change, abs(sum - total[i]!));
      largest = max(largest, sum);
      total[i] = sum;
    }
    residual = largest > 0 ? change / largest : 0;
    if (residual < RADIOSITY.tolerance) return { total, sweeps: sweep, residual, converged: true };
  }
  return { total, sweeps: RADIOSITY.sweeps, residual, converged: false };
}

/** One receiver in one band: what it sees of each patch, and what the patches reflect there. */
export type Receivers = {
  /** Factor from receiver r to patch j at r · n + j. */
  readonly factors: Float64Array;
  /** Reflectance of patch j in band b at j · bands + b. */
  readonly reflectance: Float64Array;
  readonly count: number;
  readonly bands: number;
};

export type BounceWeights = {
  /** Of receiver r in band b for patch j at (j · count + r) · bands + b. */
  readonly weights: Float64Array;
  /** Multiplications with an addition that the sweeps took. */
  readonly multiplyAdds: number;
};

/** The transpose of an n × n matrix. */
function transposed(matrix: Float64Array, n: number): Float64Array {
  const out = new Float64Array(n * n);
  for (let i = 0; i < n; i++) for (let j = 0; j < n; j++) out[j * n + i] = matrix[i * n + j]!;
  return out;
}

/** Columns that are summed side by side: as many as stay in registers. */
const BLOCK = 4;

/** Sums of factor[offset + i] · w[start + 4 i + c] over i for the four columns c of a block, into `sums`. */
function fourSums(factors: Float64Array, offset: number, block: Float64Array, sums: Float64Array): void {
  let [a, b, c, d] = [0, 0, 0, 0];
  for (let i = offset, p = 0; p < block.length; i++, p += BLOCK) {
    const f = factors[i]!;
    a += f * block[p]!;
    b += f * block[p + 1]!;
    c += f * block[p + 2]!;
    d += f * block[p + 3]!;
  }
  sums[0] = a;
  sums[1] = b;
  sums[2] = c;
  sums[3] = d;
}

type SolvedBlock = { readonly block: Float64Array; readonly sweeps: number };

/** Solves four columns, from `first` on; answers their weights, patch by patch, and the sweeps it took. */
function solveBlock(toPatch: Float64Array, { factors, reflectance, count, bands }: Receivers, first: number): SolvedBlock {
  const n = reflectance.length / bands;
  const block = new Float64Array(n * BLOCK);
  const sums = new Float64Array(BLOCK);
  const width = Math.min(BLOCK, count * bands - first);
  for (let sweep = 1; sweep <= RADIOSITY.sweeps; sweep++) {
    let [change, largest] = [0, 0];
    for (let j = 0; j < n; j++) {
      fourSums(toPatch, j * n, block, sums);
      for (let c = 0; c < width; c++) {
        const column = first + c;
        const seen = factors[Math.floor(column / bands) * n + j]!;
        const value = (sums[c]! + seen) * reflectance[j * bands + (column % bands)]!;
        const at = j * BLOCK + c;
        change = max(change, abs(value - block[at]!));
        largest = max(largest, value);
        block[at] = value;
      }
    }
    if (change <= RADIOSITY.weightTolerance * largest) return { block, sweeps: sweep };
  }
  throw new RangeError('the bounced light does not settle: the surfaces reflect nearly everything');
}

/**
 * How much of the direct light of each patch reaches each receiver after one bounce or more, in each band: the adjoint of {@link bounce},
 * solved once for all moments. w = ρ (f + Fᵀ w), by Gauss–Seidel sweeps.
 *
 * @param formFactorsOf the room's own (n × n)
 * @throws RangeError for a reflectance outside [0, 1), or when the sweeps do not settle
 */
export function bounceWeights(formFactorsOf: Float64Array, receivers: Receivers): BounceWeights {
  const { reflectance, count, bands } = receivers;
  mustReflectLess(reflectance);
  const n = reflectance.length / bands;
  const columns = count * bands;
  const toPatch = transposed(formFactorsOf, n);
  const weights = new Float64Array(n * columns);
  let multiplyAdds = 0;
  for (let first = 0; first < columns; first += BLOCK) {
    const { block, sweeps } = solveBlock(toPatch, receivers, first);
    multiplyAdds += sweeps * n * n * BLOCK;
    for (let j = 0; j < n; j++)
      for (let c = 0; c < BLOCK && first + c < columns; c++) weights[j * columns + first + c] = block[j * BLOCK + c]!;
  }
  return { weights, multiplyAdds };
}
