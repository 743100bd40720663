import { directionOf } from './directions';
import { openingOf, type WallRect } from './room-fit';
import { wallFrame, type LightRoom, type LightWindow, type WallFrame } from './light-room';
import { dot, subtract, type Vector } from './view-factor';
import { normalOf, pointOf, type Box } from './box';
import type { BoxWall } from '../room/facing';

/** A window as it lies in its wall, whatever it is glazed with. */
export type WindowOutline = Omit<LightWindow, 'glass' | 'panes'>;

/** What is seen through a spot of a window. */
export const SEEN = ['sky', 'ground', 'obstruction', 'overhang', 'reveal'] as const;
export type Seen = (typeof SEEN)[number];

/** A direction out of a window: what it meets, and where it points, degrees. */
export type Sight = { readonly seen: Seen; readonly altitudeDeg: number; readonly azimuthDeg: number };

/** A point of a wall, `s` metres from its left end seen from inside and `z` metres up. */
export function pointOnWall(box: Box, wall: BoxWall, s: number, z: number): Vector {
  const { plane, from, turn } = wallFrame(box, wall);
  return pointOf(plane, from + turn * s, z);
}

/** How far along its wall and up a ray has moved when it has gone `outM` metres straight out. */
function drift(direction: Vector, { plane, turn }: WallFrame, outM: number): { readonly s: number; readonly z: number } {
  const out = -direction[plane.axis]! * plane.inward;
  return { s: (turn * direction[plane.u]! * outM) / out, z: (direction[2] * outM) / out };
}

const inside = ({ s0, s1, z0, z1 }: WallRect, s: number, z: number): boolean => s >= s0 && s <= s1 && z >= z0 && z <= z1;

/**
 * What rays meet that leave inner points through spots of a window: the reveal's sides, the overhang, or what lies beyond. Prepared once
 * for many rays; `from` is the inner point, `through` a spot of the window's inner plane.
 */
export function sightsThrough(
  window: LightWindow,
  room: Pick<LightRoom, 'box' | 'bearingDeg'>,
): (from: Vector, through: Vector) => Sight {
  const opening = openingOf(window);
  const frame = wallFrame(room.box, window.wall);
  const { revealM, overhangM, obstructionDeg } = window;
  const blocked = (direction: Vector, through: Vector): Seen | undefined => {
    const s = (through[frame.plane.u]! - frame.from) * frame.turn;
    const z = through[2];
    if (revealM > 0) {
      const moved = drift(direction, frame, revealM);
      if (!inside(opening, s + moved.s, z + moved.z)) return 'reveal';
    }
    return overhangM > 0 && z + drift(direction, frame, revealM + overhangM).z > opening.z1 ? 'overhang' : undefined;
  };
  return (from, through) => {
    const direction = subtract(through, from);
    const { altitudeDeg, azimuthDeg } = directionOf(direction, room.bearingDeg);
    const above = altitudeDeg < obstructionDeg ? 'obstruction' : 'sky';
    const beyond = altitudeDeg <= 0 ? 'ground' : above;
    return { seen: blocked(direction, through) ?? beyond, altitudeDeg, azimuthDeg };
  };
}

/** Lines that cut `from`…`to` into `n` equal pieces. */
const evenly = (from: number, to: number, n: number): number[] =>
  Array.from({ length: n + 1 }, (_, i) => from + (i * (to - from)) / n);

/**
 * Lines that cut a window's height into `n` pieces, one of them at the horizon of an eye at `eyeM`, so that no piece shows sky and ground
 * at once.
 */
export function cutAtHorizon(z0: number, z1: number, eyeM: number, n: number): number[] {
  if (eyeM <= z0 || eyeM >= z1) return evenly(z0, z1, n);
  const below = Math.min(n - 1, Math.max(1, Math.round((n * (eyeM - z0)) / (z1 - z0))));
  return [...evenly(z0, eyeM, below), ...evenly(eyeM, z1, n - below).slice(1)];
}

/** Cuts a rectangle of a wall into n × n pieces, row by row, as an eye at `eyeM` needs them: lines in the wall's own plane, ascending. */
export function cutsOf({ from, turn }: WallFrame, { s0, s1, z0, z1 }: WallRect, eyeM: number, n: number) {
  const ends = [from + turn * s0, from + turn * s1];
  return { us: evenly(Math.min(...ends), Math.max(...ends), n), vs: cutAtHorizon(z0, z1, eyeM, n) };
}

/**
 * The part of a window's inner plane through which the sun's beam comes, or undefined when none does: the opening, less the shade of its
 * reveal and its overhang.
 *
 * @param toSun unit vector in the room toward the sun; @param sunAltitudeDeg its altitude
 */
export function sunlitPart(
  window: WindowOutline,
  room: Pick<LightRoom, 'box'>,
  toSun: Vector,
  sunAltitudeDeg: number,
): WallRect | undefined {
  const frame = wallFrame(room.box, window.wall);
  if (sunAltitudeDeg <= Math.max(0, window.obstructionDeg) || -dot(toSun, normalOf(frame.plane)) <= 1e-6) return undefined;
  const { s0, s1, z0, z1 } = openingOf(window);
  const reveal = drift(toSun, frame, window.revealM);
  const overhang = drift(toSun, frame, window.revealM + window.overhangM);
  const lit = {
    s0: Math.max(s0, s0 - reveal.s),
    s1: Math.min(s1, s1 - reveal.s),
    z0: Math.max(z0, z0 - reveal.z),
    z1: Math.min(z1, z1 - reveal.z, window.overhangM > 0 ? z1 - overhang.z : z1),
  };
  return lit.s0 < lit.s1 && lit.z0 < lit.z1 ? lit : undefined;
}
