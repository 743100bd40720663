import { leastRecentlyUsed } from '../base/least-recently-used';
import { ramp } from '../base/ramp';
import { ok, type Ok } from '../base/result';
import residuals from '../reference/surface-residuals.json';
import { deltaE00 } from './ciede2000';
import { GRID, type Reflectance } from './grid';
import { labFromXyz, xyzFromLab } from './lab';
import type { Weights } from './observer';
import { reflectanceFromLab, type NotASurface } from './reflectance';
import { solve3 } from './tridiagonal';
import { D65_10, tristimulus, whiteOf } from './tristimulus';
import type { Lab, XYZ } from './types';

/** What a colour may be made of: house paint, mixed from the counter's colourants, or any surface: cloth, stone, wood, print, paint. */
export const POPULATIONS = ['paint', 'any'] as const;
export type Population = (typeof POPULATIONS)[number];

export const METAMERS = {
  /** Curves in an ensemble beside the smoothest: those of the nearest surfaces of its population. */
  neighbours: 120,
  /** How near: a difference of so much L*, or of so much a* and b* and so much more per unit of chroma, counts as one. Own choice. */
  near: { l: 20, ab: 5, perChroma: 0.3 },
  /**
   * Share of the ensemble that the range covers, for greys and for colours of so much chroma, straight between. Set so that nine in ten
   * of other surfaces are covered (`metamers.test.ts`): neighbours are dense among greys and sparse among strong colours, where a nearer
   * one would differ more.
   */
  covered: { paint: { grey: 0.86, strong: 0.95 }, any: { grey: 0.91, strong: 0.943 }, strongFrom: 45 },
  /** Projections back onto the colour; each is Newton's, so few are needed. */
  steps: 20,
  tolerance: 1e-4,
} as const;

/** How sure a range is said to be. */
export const RANGE_HOLDS = 0.9;

const N = GRID.count;
const ROWS = [D65_10.x, D65_10.y, D65_10.z] as const;
const WAVES = residuals.waves.map((wave) => Float64Array.from(wave, (v) => v * 1e-4));

const { abs, hypot, max, tanh } = Math;

/** Moves z by the least amount until its reflectance has the target colour; undefined when it does not get there. Changes z. */
function project(z: Float64Array, target: readonly [number, number, number]): Reflectance | undefined {
  const rho = new Float64Array(N);
  const jacobian = [new Float64Array(N), new Float64Array(N), new Float64Array(N)] as const;
  for (let step = 0; step < METAMERS.steps; step++) {
    const error: [number, number, number] = [...target];
    const gram = [
      [0, 0, 0],
      [0, 0, 0],
      [0, 0, 0],
    ];
    for (let i = 0; i < N; i++) {
      const t = tanh(z[i]!);
      rho[i] = (t + 1) / 2;
      const slope = (1 - t * t) / 2;
      for (let k = 0; k < 3; k++) {
        error[k]! -= ROWS[k]![i]! * rho[i]!;
        jacobian[k]![i] = ROWS[k]![i]! * slope;
      }
      for (let p = 0; p < 3; p++) for (let q = 0; q < 3; q++) gram[p]![q]! += jacobian[p]![i]! * jacobian[q]![i]!;
    }
    if (max(abs(error[0]), abs(error[1]), abs(error[2])) < METAMERS.tolerance) return rho;
    const [p, q, r] = solve3(gram, error);
    if (!Number.isFinite(p + q + r)) return undefined;
    for (let i = 0; i < N; i++) z[i]! += p * jacobian[0][i]! + q * jacobian[1][i]! + r * jacobian[2][i]!;
  }
  return undefined;
}

/** The residuals of a population that lie nearest to a colour; in an order that mixes near and less near. */
function nearest(lab: Lab, population: Population): readonly (readonly number[])[] {
  const { l, ab, perChroma } = METAMERS.near;
  const across = ab + perChroma * hypot(lab.a, lab.b);
  const away = ([l10, a10, b10]: readonly number[]) =>
    hypot((l10! / 10 - lab.l) / l, (a10! / 10 - lab.a) / across, (b10! / 10 - lab.b) / across);
  const found = residuals[population].map((row) => ({ row, at: away(row) })).sort((p, q) => p.at - q.at);
  const count = METAMERS.neighbours;
  return Array.from({ length: count }, (_, k) => found[(k * STRIDE) % count]!.row);
}
/** No divisor of the number of neighbours. */
const STRIDE = 37;

/**
 * Plausible surfaces that all have the colour `lab` under D65 (10°): the smoothest reflectance first, then the smoothest changed as the
 * nearest surfaces of the population differ from theirs. Nothing in it is random. Each value lies strictly between 0 and 1; each colour
 * within 1e-4 of XYZ.
 */
export function metamers(lab: Lab, population: Population = 'any'): Ok<readonly Reflectance[]> | NotASurface {
  const smoothest = reflectanceFromLab(lab);
  if (!smoothest.ok) return smoothest;
  const { x, y, z } = xyzFromLab(lab);
  const start = smoothest.value.map((r) => Math.atanh(2 * r - 1));
  const found: Reflectance[] = [smoothest.value];
  for (const [, , , ...scores] of nearest(lab, population)) {
    const moved = start.slice();
    WAVES.forEach((wave, k) => {
      const score = scores[k]! * 1e-3;
      for (let i = 0; i < N; i++) moved[i]! += score * wave[i]!;
    });
    const curve = project(moved, [x, y, z]);
    if (curve) found.push(curve);
  }
  return ok(found);
}

/** Share of an ensemble of a colour that its range covers. */
export function coveredShare(lab: Lab, population: Population): number {
  const { grey, strong } = METAMERS.covered[population];
  return grey + ramp(hypot(lab.a, lab.b), 0, METAMERS.covered.strongFrom) * (strong - grey);
}

/** Step, in XYZ of Y = 100, with which a look is taken to change with its light. */
const STEP = 0.05;

/**
 * How far plausible surfaces stray from the smoothest in a light, ΔE00: what nine in ten of them keep within. The look of each is found
 * from that of the smoothest by its slope, so that a look is made four times and not for every surface.
 *
 * @param ensemble of {@link metamers}; @param look Lab of tristimulus values in that light
 */
export function rangeIn(
  ensemble: readonly Reflectance[],
  weights: Weights,
  look: (xyz: XYZ) => Lab,
  population: Population,
): number {
  const at = tristimulus(ensemble[0]!, weights);
  const lab = look(at);
  const slope = (moved: XYZ) => {
    const there = look(moved);
    return [(there.l - lab.l) / STEP, (there.a - lab.a) / STEP, (there.b - lab.b) / STEP] as const;
  };
  const [sx, sy, sz] = [slope({ ...at, x: at.x + STEP }), slope({ ...at, y: at.y + STEP }), slope({ ...at, z: at.z + STEP })];
  const apart = new Float64Array(ensemble.length - 1);
  for (let n = 1; n < ensemble.length; n++) {
    const { x, y, z } = tristimulus(ensemble[n]!, weights);
    const [dx, dy, dz] = [x - at.x, y - at.y, z - at.z];
    const along = (k: 0 | 1 | 2) => sx[k] * dx + sy[k] * dy + sz[k] * dz;
    apart[n - 1] = deltaE00(lab, { l: lab.l + along(0), a: lab.a + along(1), b: lab.b + along(2) });
  }
  apart.sort();
  const share = coveredShare(labFromXyz(tristimulus(ensemble[0]!, D65_10)), population);
  return apart[Math.min(apart.length - 1, Math.floor(apart.length * share))] ?? 0;
}

/** Ensembles are asked for again and again: so many are kept. */
const MOST_KNOWN = 400;
const known = leastRecentlyUsed<readonly Reflectance[]>(MOST_KNOWN);

/**
 * {@link metamers}, kept.
 *
 * @throws RangeError for a Lab that no surface has
 */
export const knownMetamers = (lab: Lab, population: Population): readonly Reflectance[] =>
  known(`${population} ${lab.l} ${lab.a} ${lab.b}`, () => {
    const found = metamers(lab, population);
    if (!found.ok) throw new RangeError(`not a surface colour: ${lab.l}, ${lab.a}, ${lab.b}`);
    return found.value;
  });

export type UnderLight = {
  /** Lab against the light's own white. */
  readonly lab: Lab;
  /** ΔE00 around it that nine in ten of the plausible surfaces keep within; 0 for a measured spectrum. */
  readonly spread: number;
};

const labUnder = (reflectance: Reflectance, weights: Weights): Lab =>
  labFromXyz(tristimulus(reflectance, weights), whiteOf(weights));

/** A measured spectrum under another light: one answer, no range. */
export const measuredUnder = (reflectance: Reflectance, weights: Weights): UnderLight => ({
  lab: labUnder(reflectance, weights),
  spread: 0,
});

/** A colour known by its Lab only, under another light: the smoothest surface's Lab there, and how far plausible others stray from it. */
export function ensembleUnder(ensemble: readonly Reflectance[], weights: Weights, population: Population): UnderLight {
  const white = whiteOf(weights);
  return {
    lab: labUnder(ensemble[0]!, weights),
    spread: rangeIn(ensemble, weights, (xyz) => labFromXyz(xyz, white), population),
  };
}
