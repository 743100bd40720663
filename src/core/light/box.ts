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

/** Inward normal of a plane, length 1. */
export function normalOf(plane: Plane): Vector {
  const n: [number, number, number] = [0, 0, 0];
  n[plane.axis] = plane.inward;
  return n;
}

/** Lines that cut 0…length into equal pieces of at most `sizeM` metres. */
const cuts = (lengthM: number, sizeM: number): number[] => {
  const pieces = Math.max(1, Math.ceil(lengthM / sizeM - 1e-9));
  return Array.from({ length: pieces + 1 }, (_, i) => (i * lengthM) / pieces);
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

export type PatchedBox = { readonly box: Box; readonly faces: readonly PatchedFace[]; readonly patches: readonly Patch[] };

/**
 * The inside of a box room in patches no longer than `sizeM`, face by face in the order of {@link FACES}.
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

/** Patch edge, metres, that keeps a box at or under `most` patches. */
export function patchSize(box: Box, most: number): number {
  const { widthM: w, depthM: d, heightM: h } = box;
  let size = Math.sqrt((2 * (w * d + w * h + d * h)) / most);
  while (countPatches(box, size) > most) size *= 1.03;
  return size;
}

const countPatches = (box: Box, sizeM: number): number =>
  planesOf(box).reduce((n, { uM, vM }) => n + (cuts(uM, sizeM).length - 1) * (cuts(vM, sizeM).length - 1), 0);
