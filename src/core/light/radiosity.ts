import { polygonFactor, type Vector } from './view-factor';

/** Inside measures of a box room, metres: along the first wall, away from it, and up. */
export type Box = { readonly widthM: number; readonly depthM: number; readonly heightM: number };

export const FACES = ['wall-0', 'wall-1', 'wall-2', 'wall-3', 'floor', 'ceiling'] as const;
export type Face = (typeof FACES)[number];

/** A flat piece of a face: centre, inward normal, corners (metres) and area (m²). */
export type Patch = {
  readonly face: Face;
  readonly centre: Vector;
  readonly normal: Vector;
  readonly corners: readonly Vector[];
  readonly area: number;
};

type FaceFrame = {
  readonly face: Face;
  readonly origin: Vector;
  readonly u: Vector;
  readonly v: Vector;
  readonly normal: Vector;
};

/** Each face as an origin and two edges. Walls go clockwise seen from above; wall 0 lies at y = 0. */
function framesOf({ widthM: w, depthM: d, heightM: h }: Box): FaceFrame[] {
  return [
    { face: 'wall-0', origin: [0, 0, 0], u: [w, 0, 0], v: [0, 0, h], normal: [0, 1, 0] },
    { face: 'wall-1', origin: [w, 0, 0], u: [0, d, 0], v: [0, 0, h], normal: [-1, 0, 0] },
    { face: 'wall-2', origin: [0, d, 0], u: [w, 0, 0], v: [0, 0, h], normal: [0, -1, 0] },
    { face: 'wall-3', origin: [0, 0, 0], u: [0, d, 0], v: [0, 0, h], normal: [1, 0, 0] },
    { face: 'floor', origin: [0, 0, 0], u: [w, 0, 0], v: [0, d, 0], normal: [0, 0, 1] },
    { face: 'ceiling', origin: [0, 0, h], u: [w, 0, 0], v: [0, d, 0], normal: [0, 0, -1] },
  ];
}

/** The point of a face at shares `s` and `t` of its edges. */
const pointOn = ({ origin, u, v }: FaceFrame, s: number, t: number): Vector => [
  origin[0] + s * u[0] + t * v[0],
  origin[1] + s * u[1] + t * v[1],
  origin[2] + s * u[2] + t * v[2],
];
const length = (v: Vector) => Math.hypot(...v);

/**
 * The inside of a box room in patches no longer than `sizeM`, in the order of {@link FACES}.
 *
 * @throws RangeError for a measure or size that is not positive
 */
export function patchesOf(box: Box, sizeM: number): Patch[] {
  for (const [name, value] of Object.entries({ ...box, sizeM }))
    if (!(value > 0)) throw new RangeError(`${name} ${value} m: must be more than 0`);
  return framesOf(box).flatMap((frame) => {
    const { face, u, v, normal } = frame;
    const [across, up] = [Math.ceil(length(u) / sizeM), Math.ceil(length(v) / sizeM)];
    const area = (length(u) * length(v)) / (across * up);
    return Array.from({ length: across * up }, (_, n): Patch => {
      const [i, j] = [n % across, Math.floor(n / across)];
      const at = (s: number, t: number) => pointOn(frame, (i + s) / across, (j + t) / up);
      return { face, normal, area, centre: at(0.5, 0.5), corners: [at(0, 0), at(1, 0), at(1, 1), at(0, 1)] };
    });
  });
}

/**
 * Form factors from each patch's centre to every other patch, row by row (n × n): exact for a point, so that the rows of a closed room add
 * up to 1.
 */
export function formFactors(patches: readonly Patch[]): Float64Array {
  const n = patches.length;
  const factors = new Float64Array(n * n);
  patches.forEach((from, i) =>
    patches.forEach((to, j) => {
      if (from.face !== to.face) factors[i * n + j] = polygonFactor(from.centre, from.normal, to.corners);
    }),
  );
  return factors;
}

export const RADIOSITY = { sweeps: 200, tolerance: 1e-6 } as const;

export type Bounced = {
  /** Illuminance with everything bounced, per patch, in the units of `direct`. */
  readonly total: Float64Array;
  readonly sweeps: number;
  /** Largest change of the last sweep over the largest illuminance. */
  readonly residual: number;
  readonly converged: boolean;
};

/**
 * Illuminance of each patch when all reflect diffusely: E = direct + F (ρ E), by Gauss–Seidel sweeps.
 *
 * @param direct illuminance per patch before any bounce; @param reflectance per patch, 0 ≤ ρ < 1
 * @throws RangeError for a reflectance outside that: at ρ = 1 everywhere the light would never end
 */
export function bounce(factors: Float64Array, direct: ArrayLike<number>, reflectance: ArrayLike<number>): Bounced {
  const n = direct.length;
  for (let i = 0; i < n; i++)
    if (!(reflectance[i]! >= 0 && reflectance[i]! < 1)) throw new RangeError(`reflectance ${reflectance[i]}: must lie in [0, 1)`);
  const total = Float64Array.from(direct);
  let residual = Infinity;
  for (let sweep = 1; sweep <= RADIOSITY.sweeps; sweep++) {
    let change = 0;
    let largest = 0;
    for (let i = 0; i < n; i++) {
      let sum = direct[i]!;
      for (let j = 0; j < n; j++) sum += factors[i * n + j]! * reflectance[j]! * total[j]!;
      change = Math.max(change, Math.abs(sum - total[i]!));
      largest = Math.max(largest, sum);
      total[i] = sum;
    }
    residual = largest > 0 ? change / largest : 0;
    if (residual < RADIOSITY.tolerance) return { total, sweeps: sweep, residual, converged: true };
  }
  return { total, sweeps: RADIOSITY.sweeps, residual, converged: false };
}
