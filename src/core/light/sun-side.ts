import { sunFrom, WALLS, type SunLight } from '../room/facing';
import { CURTAINS } from './assumptions';
import { normalOf } from './box';
import { vectorTo } from './directions';
import { bearingOf, wallFrame, type LightRoom } from './light-room';
import { sunlitPart, type WindowOutline } from './see-out';
import { beamsThrough, windowBearings } from './plan/sun-in-plan';
import type { PlannedRoom } from './plan/planned-room';
import type { SunPosition } from './sun';
import { dot } from './view-factor';

/** A room as far as it decides where the sun comes in. */
export type SunRoom = BoxSun | PlanSun;
type BoxSun = Pick<LightRoom, 'box' | 'bearingDeg'> & { readonly windows: readonly WindowOutline[] };
/** A room of any plan; light that comes from next door is no sun of its own. */
export type PlanSun = { readonly planned: PlannedRoom; readonly borrows: boolean };
const isPlan = (room: SunRoom): room is PlanSun => 'planned' in room;

/** Whether daylight comes into a room at all. */
export const hasDaylight = (room: SunRoom): boolean =>
  isPlan(room) ? room.borrows || room.planned.windows.length + room.planned.roofWindows.length > 0 : room.windows.length > 0;

/** Under so many square metres of beam, across it, the sun is no light of the room. Own choice: a hand's breadth a metre long. */
const LEAST_BEAM_M2 = 0.1;

/** How much of the sun's beam comes in by a wall, square metres across the beam; what a curtain scatters counts by what it lets through. */
function beamOf(room: BoxSun, wall: (typeof WALLS)[number], sun: SunPosition): number {
  const toSun = vectorTo(sun, room.bearingDeg);
  const cosine = -dot(toSun, normalOf(wallFrame(room.box, wall).plane));
  return room.windows.reduce((sum, window) => {
    const lit = window.wall === wall ? sunlitPart(window, room, toSun, sun.altitudeDeg) : undefined;
    if (!lit) return sum;
    const { clear, through } = CURTAINS[window.curtain];
    return sum + (lit.s1 - lit.s0) * (lit.z1 - lit.z0) * cosine * (clear + (1 - clear) * through);
  }, 0);
}

/** Of windows that face alike the beams are one; what comes in from above comes from where the sun stands. */
function sunInPlan({ planned }: PlanSun, sun: SunPosition): SunLight | undefined {
  const bearings = windowBearings(planned);
  const by = new Map<SunLight, number>();
  beamsThrough(planned, sun).forEach((m2, w) => {
    const light = sunFrom(bearings[w] ?? sun.azimuthDeg);
    by.set(light, (by.get(light) ?? 0) + m2);
  });
  const [most] = [...by].sort((p, q) => q[1] - p[1]);
  return most && most[1] >= LEAST_BEAM_M2 ? most[0] : undefined;
}

/** The sun that comes into a room, by the wall that lets most of it in; undefined where none does. */
export function sunIn(room: SunRoom, sun: SunPosition): SunLight | undefined {
  if (sun.altitudeDeg <= 0) return undefined;
  if (isPlan(room)) return sunInPlan(room, sun);
  const beams = WALLS.map((wall) => ({ wall, m2: beamOf(room, wall, sun) }));
  const most = beams.reduce((p, q) => (q.m2 > p.m2 ? q : p));
  return most.m2 >= LEAST_BEAM_M2 ? sunFrom(bearingOf(room, most.wall)) : undefined;
}
