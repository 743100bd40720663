import { directionOf } from '../directions';
import type { Seen, Sight } from '../see-out';
import { dot, subtract, type Vector } from '../view-factor';
import type { Facet, Rect } from './patches';
import { wallEnds, type Glazed, type PlannedRoom, type Point } from './planned-room';

/** A window as it lies in its face: in the face's own axes, with what it shows. */
export type PlannedAperture = Omit<Glazed, 'curtain'> & {
  readonly facet: Facet;
  /** This part of it, and the window whole: its reveal stands around that. */
  readonly rect: Rect;
  readonly whole: Rect;
  readonly upright: boolean;
  /** Cloth hangs before it. */
  readonly cloth: boolean;
};

/** Height of the walls outside over the floor: as high as the room inside, and its roof. Own choice. */
const ROOF_M = 0.4;

/** How far along its face and up a ray has moved when it has gone `outM` metres straight out. */
function drift(direction: Vector, { along, up, inward }: Facet, outM: number) {
  const out = -dot(direction, inward);
  return { u: (dot(direction, along) * outM) / out, v: (dot(direction, up) * outM) / out };
}

/** Where a ray that has left through a wall meets another wall of the same house outside; undefined where it meets none. */
function meetsOwnWall(room: PlannedRoom, through: Vector, direction: Vector): boolean {
  const [ox, oy] = [through[0] + 1e-4 * direction[0], through[1] + 1e-4 * direction[1]];
  return room.plan.some((_, wall) => {
    const [a, b]: readonly [Point, Point] = wallEnds(room, wall);
    const [ex, ey] = [b[0] - a[0], b[1] - a[1]];
    const across = direction[0] * ey - direction[1] * ex;
    if (Math.abs(across) < 1e-12) return false;
    const t = ((a[0] - ox) * ey - (a[1] - oy) * ex) / across;
    const s = ((a[0] - ox) * direction[1] - (a[1] - oy) * direction[0]) / across;
    return t > 1e-6 && s >= 0 && s <= 1 && through[2] + t * direction[2] < room.heightM + ROOF_M;
  });
}

/** What rays meet that leave inner points through spots of a window. */
export function sightOut(room: PlannedRoom, aperture: PlannedAperture): (from: Vector, through: Vector) => Sight {
  const { facet, whole, revealM, overhangM, obstructionDeg, upright } = aperture;
  const inRect = (u: number, v: number) => u >= whole[0] && u <= whole[1] && v >= whole[2] && v <= whole[3];
  const blocked = (direction: Vector, through: Vector): Seen | undefined => {
    const from = subtract(through, facet.from);
    const [u, v] = [dot(from, facet.along), dot(from, facet.up)];
    if (revealM > 0) {
      const moved = drift(direction, facet, revealM);
      if (!inRect(u + moved.u, v + moved.v)) return 'reveal';
    }
    if (overhangM > 0 && v + drift(direction, facet, revealM + overhangM).v > whole[3]) return 'overhang';
    return upright && meetsOwnWall(room, through, direction) ? 'obstruction' : undefined;
  };
  return (from, through) => {
    const direction = subtract(through, from);
    const { altitudeDeg, azimuthDeg } = directionOf(direction, room.bearingDeg);
    const above = altitudeDeg < obstructionDeg ? 'obstruction' : 'sky';
    const beyond = altitudeDeg <= 0 ? 'ground' : above;
    return { seen: blocked(direction, through) ?? beyond, altitudeDeg, azimuthDeg };
  };
}

/** The part of a window whose every spot the sun's beam passes, past its reveal and under its overhang; undefined where there is none. */
export function litRect({ facet, rect, whole, revealM, overhangM }: PlannedAperture, toSun: Vector): Rect | undefined {
  if (-dot(toSun, facet.inward) <= 1e-6) return undefined;
  const { u, v } = drift(toSun, facet, revealM);
  const under = overhangM > 0 ? drift(toSun, facet, revealM + overhangM).v : v;
  const part: Rect = [
    Math.max(rect[0], whole[0] - u),
    Math.min(rect[1], whole[1] - u),
    Math.max(rect[2], whole[2] - v),
    Math.min(rect[3], whole[3] - v, whole[3] - under),
  ];
  return part[1] > part[0] && part[3] > part[2] ? part : undefined;
}

/** Where the sun's beam that reaches a point comes through a window; undefined where it does not. */
export function beamSpot(aperture: PlannedAperture, at: Vector, toSun: Vector): Vector | undefined {
  const { facet, rect } = aperture;
  const out = -dot(toSun, facet.inward);
  if (out <= 1e-6) return undefined;
  const t = dot(subtract(at, facet.from), facet.inward) / out;
  if (t <= 1e-9) return undefined;
  const spot: Vector = [at[0] + t * toSun[0], at[1] + t * toSun[1], at[2] + t * toSun[2]];
  const from = subtract(spot, facet.from);
  const [u, v] = [dot(from, facet.along), dot(from, facet.up)];
  return u >= rect[0] && u <= rect[1] && v >= rect[2] && v <= rect[3] ? spot : undefined;
}
