import type { Vector } from './view-factor';

/** Inside measures of a box room, metres: along the first wall, away from it, and up. */
export type Box = { readonly widthM: number; readonly depthM: number; readonly heightM: number };

export const FACES = ['wall-0', 'wall-1', 'wall-2', 'wall-3', 'floor', 'ceiling'] as const;
export type Face = (typeof FACES)[number];

type Axis = 0 | 1 | 2;

/**
 * A face as a plane: `axis` is where its normal points, at `value`, inward by `inward`; `u` and `v` are the axes it spans, from 0 to
 * `uM` and `vM` metres.
 */
export type Plane = {
  readonly face: Face;
  readonly axis: Axis;
  readonly value: number;
  readonly inward: 1 | -1;
  readonly u: Axis;
  readonly v: Axis;
  readonly uM: number;
  readonly vM: number;
};

/** The six faces in the order of {@link FACES}. Walls go clockwise seen from above; wall 0 lies at y = 0. */
export function planesOf({ widthM: w, depthM: d, heightM: h }: Box): readonly Plane[] {
  return [
    { face: 'wall-0', axis: 1, value: 0, inward: 1, u: 0, v: 2, uM: w, vM: h },
    { face: 'wall-1', axis: 0, value: w, inward: -1, u: 1, v: 2, uM: d, vM: h },
    { face: 'wall-2', axis: 1, value: d, inward: -1, u: 0, v: 2, uM: w, vM: h },
    { face: 'wall-3', axis: 0, value: 0, inward: 1, u: 1, v: 2, uM: d, vM: h },
    { face: 'floor', axis: 2, value: 0, inward: 1, u: 0, v: 1, uM: w, vM: d },
    { face: 'ceiling', axis: 2, value: h, inward: -1, u: 0, v: 1, uM: w, vM: d },
  ];
}

/** The point of a plane at `u`, `v` metres along its axes. */
export function pointOf(plane: Plane, u: number, v: number): Vector {
  const p: [number, number, number] = [0, 0, 0];
  p[plane.axis] = plane.value;
  p[plane.u] = u;
  p[plane.v] = v;
  return p;
}

const SLACK_M = 1e-6;

/** Whether a point lies in a box or on its faces. */
export const isInside = ({ widthM, depthM, heightM }: Box, [x, y, z]: Vector): boolean =>
  [
    [x, widthM],
    [y, depthM],
    [z, heightM],
  ].every(([v, most]) => v! >= -SLACK_M && v! <= most! + SLACK_M);

/** Inward normal of a plane, length 1. */
export function normalOf(plane: Plane): Vector {
  const n: [number, number, number] = [0, 0, 0];
  n[plane.axis] = plane.inward;
  return n;
}

/** How far pieces gather at the ends of a face, where light changes most: 0 even, 1 as equal arcs of a half circle. Own choice. */
const GATHERED = 0.7;

/** Lines that cut 0…length into as many pieces as equal ones of at most `sizeM` metres would be, finer toward both ends. */
const cuts = (lengthM: number, sizeM: number): number[] => {
  const pieces = Math.max(1, Math.ceil(lengthM / sizeM - 1e-9));
  return Array.from({ length: pieces + 1 }, (_, i) => {
    const even = i / pieces;
    const arcs = (1 - Math.cos(Math.PI * even)) / 2;
    return lengthM * (even + GATHERED * (arcs - even));
  });
};

/** A face cut into patches: `us.length − 1` across times `vs.length − 1` up, row by row, from patch `first` on. */
export type PatchedFace = {
  readonly plane: Plane;
  readonly us: readonly number[];
  readonly vs: readonly number[];
  readonly first: number;
};

/** A flat piece of a face: centre and inward normal, corners in order (metres) and area (m²). */
export type Patch = {
  readonly face: number;
  readonly centre: Vector;
  readonly normal: Vector;
  readonly corners: readonly Vector[];
  readonly area: number;
};

/** Points of a patch, `count` across and up, each in the middle of its share. */
export function pointsOf({ corners: [a, b, , d] }: Patch, count: number): Vector[] {
  const along = (k: number, s: number, t: number) => a![k]! + s * (b![k]! - a![k]!) + t * (d![k]! - a![k]!);
  return Array.from({ length: count * count }, (_, n): Vector => {
    const [s, t] = [((n % count) + 0.5) / count, (Math.floor(n / count) + 0.5) / count];
    return [along(0, s, t), along(1, s, t), along(2, s, t)];
  });
}

export type PatchedBox = { readonly box: Box; readonly faces: readonly PatchedFace[]; readonly patches: readonly Patch[] };

/**
 * The inside of a box room in patches of `sizeM` on average, face by face in the order of {@link FACES}.
 *
 * @throws RangeError for a measure or size that is not positive
 */
export function patchBox(box: Box, sizeM: number): PatchedBox {
  for (const [name, value] of Object.entries({ ...box, sizeM }))
    if (!(value > 0)) throw new RangeError(`${name} ${value} m: must be more than 0`);
  const faces: PatchedFace[] = [];
  const patches: Patch[] = [];
  planesOf(box).forEach((plane, face) => {
    const [us, vs] = [cuts(plane.uM, sizeM), cuts(plane.vM, sizeM)];
    faces.push({ plane, us, vs, first: patches.length });
    const normal = normalOf(plane);
    for (let j = 0; j + 1 < vs.length; j++)
      for (let i = 0; i + 1 < us.length; i++) {
        const [u0, u1, v0, v1] = [us[i]!, us[i + 1]!, vs[j]!, vs[j + 1]!];
        patches.push({
          face,
          normal,
          centre: pointOf(plane, (u0 + u1) / 2, (v0 + v1) / 2),
          corners: [pointOf(plane, u0, v0), pointOf(plane, u1, v0), pointOf(plane, u1, v1), pointOf(plane, u0, v1)],
          area: (u1 - u0) * (v1 - v0),
        });
      }
  });
  return { box, faces, patches };
}

/**
 * Patches that hold the bounced light of a box within 1 %: more for one that is wide for its height or long for its width, in whose corners
 * and ends light changes within the length of a patch.
 */
export function patchesFor({ widthM: w, depthM: d, heightM: h }: Box): number {
  const shape = (2 * (w * d + w * h + d * h)) / Math.min(w, d, h) ** 2;
  return Math.round(Math.min(PATCHES.most, Math.max(PATCHES.least, PATCHES.least * Math.sqrt(shape / PATCHES.usualShape))));
}

/** Own choice, by comparison with finer patches and with a path tracer. */
export const PATCHES = {
  least: 300,
  most: 1200,
  /** Surface over the square of the least measure, of a usual room. */
  usualShape: 13,
} as const;

/** Patch edge, metres, that keeps a box at or under `most` patches. */
export function patchSize(box: Box, most: number): number {
  const { widthM: w, depthM: d, heightM: h } = box;
  let size = Math.sqrt((2 * (w * d + w * h + d * h)) / most);
  while (countPatches(box, size) > most) size *= 1.03;
  return size;
}

const countPatches = (box: Box, sizeM: number): number =>
  planesOf(box).reduce((n, { uM, vM }) => n + (cuts(uM, sizeM).length - 1) * (cuts(vM, sizeM).length - 1), 0);
