import { sunFrom, WALLS, type SunLight } from '../room/facing';
import { CURTAINS } from './assumptions';
import { normalOf } from './box';
import { vectorTo } from './directions';
import { bearingOf, wallFrame, type LightRoom } from './light-room';
import { sunlitPart, type WindowOutline } from './see-out';
import type { SunPosition } from './sun';
import { dot } from './view-factor';

/** A room as far as it decides where the sun comes in. */
export type SunRoom = Pick<LightRoom, 'box' | 'bearingDeg'> & { readonly windows: readonly WindowOutline[] };

/** Under so many square metres of beam, across it, the sun is no light of the room. Own choice: a hand's breadth a metre long. */
const LEAST_BEAM_M2 = 0.1;

/** How much of the sun's beam comes in by a wall, square metres across the beam; what a curtain scatters counts by what it lets through. */
function beamOf(room: SunRoom, wall: (typeof WALLS)[number], sun: SunPosition): number {
  const toSun = vectorTo(sun, room.bearingDeg);
  const cosine = -dot(toSun, normalOf(wallFrame(room.box, wall).plane));
  return room.windows.reduce((sum, window) => {
    const lit = window.wall === wall ? sunlitPart(window, room, toSun, sun.altitudeDeg) : undefined;
    if (!lit) return sum;
    const { clear, through } = CURTAINS[window.curtain];
    return sum + (lit.s1 - lit.s0) * (lit.z1 - lit.z0) * cosine * (clear + (1 - clear) * through);
  }, 0);
}

/** The sun that comes into a room, by the wall that lets most of it in; undefined where none does. */
export function sunIn(room: SunRoom, sun: SunPosition): SunLight | undefined {
  if (sun.altitudeDeg <= 0) return undefined;
  const beams = WALLS.map((wall) => ({ wall, m2: beamOf(room, wall, sun) }));
  const most = beams.reduce((p, q) => (q.m2 > p.m2 ? q : p));
  return most.m2 >= LEAST_BEAM_M2 ? sunFrom(bearingOf(room, most.wall)) : undefined;
}
