import type { Vector } from '../light/view-factor';
import type { Point } from '../room/plan';
import { nearestPatch, PICTURE_ASPECT, type Clad, type LitFace, type Lies, type ShownPiece } from './standing-face';
import { lookIn, type Adapted } from './standing-looks';

/** A box on the floor with what covers it. */
export type CladThing = {
  readonly atM: Point;
  readonly widthM: number;
  readonly depthM: number;
  readonly fromM: number;
  readonly toM: number;
  readonly clad: Clad;
};

type Side = { readonly normal: Vector; readonly corners: readonly Vector[] };
/** Top and sides; what lies on the floor shows its top alone. */
function sidesOf({ atM: [x, y], widthM, depthM, fromM, toM }: CladThing): Side[] {
  const [x1, y1] = [x + widthM, y + depthM];
  const upright = (normal: Vector, [ax, ay]: Point, [bx, by]: Point): Side => ({
    normal,
    corners: [
      [ax, ay, fromM],
      [bx, by, fromM],
      [bx, by, toM],
      [ax, ay, toM],
    ],
  });
  const top: Side = {
    normal: [0, 0, 1],
    corners: [
      [x, y, toM],
      [x1, y, toM],
      [x1, y1, toM],
      [x, y1, toM],
    ],
  };
  return [
    top,
    upright([0, -1, 0], [x, y], [x1, y]),
    upright([1, 0, 0], [x1, y], [x1, y1]),
    upright([0, 1, 0], [x, y1], [x1, y1]),
    upright([-1, 0, 0], [x, y], [x, y1]),
  ];
}

const facing = (p: Vector, q: Vector) => p[0] * q[0] + p[1] * q[1] + p[2] * q[2];

/** How a picture of components lies on a side: all of it, or by metres from its first corner. */
function liesOn({ corners }: Side, { laid }: Clad): Lies | null {
  if (!laid) return null;
  const { key, wideM } = laid;
  const length = (a: Vector, b: Vector) => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);
  const [wide, high] = [length(corners[0]!, corners[1]!), length(corners[1]!, corners[2]!)];
  const [u, v] = wideM === null ? [1, 1] : [wide / wideM, high / (wideM * PICTURE_ASPECT)];
  return {
    key,
    at: [
      [0, 0],
      [u, 0],
      [u, v],
      [0, v],
    ],
  };
}

/**
 * What stays as boxes, each side in the light that falls on the part of the room that faces as it does and lies nearest: a box itself
 * takes no light and throws no shadow.
 */
export function shownThings(things: readonly CladThing[], faces: readonly LitFace[], { eye, scene }: Adapted): ShownPiece[] {
  const lit = faces.filter((f) => f.patches.length > 0);
  return things.flatMap((thing) =>
    sidesOf(thing).map((side): ShownPiece => {
      const face = lit.reduce((best, one) =>
        facing(one.facet.inward, side.normal) > facing(best.facet.inward, side.normal) + 1e-9 ? one : best,
      );
      const lights = side.corners.map((at) => nearestPatch(face.patches, at)!.light);
      return {
        corners: side.corners,
        tones: thing.clad.tones.map((tone) => lights.map((light) => lookIn(eye, scene.lux, light, tone))),
        lies: liesOn(side, thing.clad),
        layer: 0,
      };
    }),
  );
}
