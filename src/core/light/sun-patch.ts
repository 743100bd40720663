import { normalOf, planesOf, pointOf } from './box';
import { vectorTo } from './directions';
import { slantShare } from './glass';
import { aperturesOf, wallFrame, type Aperture, type LightRoom } from './light-room';
import type { WallRect } from './room-fit';
import { sunlitPart } from './see-out';
import type { SunPosition } from './sun';
import { dot, subtract, type Vector } from './view-factor';

/** A corner on a face, metres along its two axes. */
export type Corner = readonly [u: number, v: number];

/**
 * Where a beam through one clear part of a window falls on one face: a convex polygon, the cosine it strikes at, and what the glass
 * lets through at its slant over straight through.
 */
export type SunPatch = {
  readonly window: number;
  /** Number of the face in FACES. */
  readonly face: number;
  readonly polygon: readonly Corner[];
  readonly cosine: number;
  readonly slant: number;
};

/** Keeps the part of a convex polygon where `side` is not negative. Sutherland & Hodgman 1974. */
function keep(polygon: readonly Corner[], side: (c: Corner) => number): Corner[] {
  const kept: Corner[] = [];
  polygon.forEach((p, i) => {
    const q = polygon[(i + 1) % polygon.length]!;
    const [dp, dq] = [side(p), side(q)];
    if (dp >= 0) kept.push(p);
    if (dp >= 0 !== dq >= 0) {
      const t = dp / (dp - dq);
      kept.push([p[0] + t * (q[0] - p[0]), p[1] + t * (q[1] - p[1])]);
    }
  });
  return kept;
}

/** The part of a convex polygon within a rectangle. */
export function clipTo(
  polygon: readonly Corner[],
  [u0, u1, v0, v1]: readonly [number, number, number, number],
): readonly Corner[] {
  let kept = polygon;
  for (const side of [(c: Corner) => c[0] - u0, (c: Corner) => u1 - c[0], (c: Corner) => c[1] - v0, (c: Corner) => v1 - c[1]])
    kept = keep(kept, side);
  return kept;
}

/** Area of a polygon, square metres; the shoelace formula. */
export function areaOf(polygon: readonly Corner[]): number {
  let sum = 0;
  polygon.forEach(([x, y], i) => {
    const [x2, y2] = polygon[(i + 1) % polygon.length]!;
    sum += x * y2 - x2 * y;
  });
  return Math.abs(sum) / 2;
}

const meet = (p: WallRect, q: WallRect): WallRect => ({
  s0: Math.max(p.s0, q.s0),
  s1: Math.min(p.s1, q.s1),
  z0: Math.max(p.z0, q.z0),
  z1: Math.min(p.z1, q.z1),
});

/** The rectangle of a clear part through which the beam comes; undefined when none does. */
export function beamThrough(room: LightRoom, aperture: Aperture, toSun: Vector, sunAltitudeDeg: number): WallRect | undefined {
  if (aperture.scatters) return undefined;
  const lit = sunlitPart(room.windows[aperture.window]!, room, toSun, sunAltitudeDeg);
  const part = lit && meet(lit, aperture.rect);
  return part && part.s0 < part.s1 && part.z0 < part.z1 ? part : undefined;
}

/** Every patch of sun on the faces of a room, for a sun above the horizon; empty when none comes in. */
export function sunPatches(room: LightRoom, sun: SunPosition): SunPatch[] {
  if (sun.altitudeDeg <= 0) return [];
  const toSun = vectorTo(sun, room.bearingDeg);
  const planes = planesOf(room.box);
  return aperturesOf(room.windows).flatMap((aperture) => {
    const part = beamThrough(room, aperture, toSun, sun.altitudeDeg);
    if (!part) return [];
    const { wall, panes } = room.windows[aperture.window]!;
    const { plane: own, from, turn } = wallFrame(room.box, wall);
    const slant = slantShare(panes, -dot(toSun, normalOf(own)));
    const corners = (
      [
        [part.s0, part.z0],
        [part.s1, part.z0],
        [part.s1, part.z1],
        [part.s0, part.z1],
      ] as const
    ).map(([s, z]) => pointOf(own, from + turn * s, z));
    return planes.flatMap((plane, face): SunPatch[] => {
      const normal = normalOf(plane);
      const cosine = dot(toSun, normal);
      if (face === wall || cosine <= 1e-6) return [];
      const onPlane = corners.map((c): Corner => {
        const t = dot(subtract(c, pointOf(plane, 0, 0)), normal) / cosine;
        return [c[plane.u]! - t * toSun[plane.u]!, c[plane.v]! - t * toSun[plane.v]!];
      });
      const polygon = clipTo(onPlane, [0, plane.uM, 0, plane.vM]);
      return areaOf(polygon) > 1e-6 ? [{ window: aperture.window, face, polygon, cosine, slant }] : [];
    });
  });
}
