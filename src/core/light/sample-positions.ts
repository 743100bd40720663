import { ASSUMED } from './assumptions';
import { normalOf, planesOf } from './box';
import { wallPosition } from '../room/wall-position';
import { openingOf } from './room-fit';
import { wallFrame, type LightRoom } from './light-room';
import type { Receiver } from './receiver';
import { pointOnWall } from './see-out';
import type { Vector } from './view-factor';
import { WALLS, type BoxWall } from '../room/facing';

/** Longest piece of a wall, at the height samples are held, that no window takes: from, to, metres from its left end. */
function longestFree(room: LightRoom, wall: BoxWall, heightM: number): readonly [number, number] {
  const length = planesOf(room.box)[wall]!.uM;
  const taken = room.windows
    .filter((w) => w.wall === wall)
    .map(openingOf)
    .filter(({ z0, z1 }) => heightM > z0 && heightM < z1)
    .sort((p, q) => p.s0 - q.s0);
  let [from, best] = [0, [0, 0] as [number, number]];
  for (const { s0, s1 } of [...taken, { s0: length, s1: length }]) {
    if (s0 - from > best[1] - best[0]) best = [from, s0];
    from = Math.max(from, s1);
  }
  return best;
}

/** Narrowest strip of wall on which a sample is held. */
const STRIP_M = 0.1;

/** Where a sample is held on each wall: the middle of its longest free piece at eye height, or under the window when there is none. */
export function wallPositions(room: LightRoom): Receiver[] {
  const { heightM } = room.box;
  const eye = Math.min(ASSUMED.receiverHeightM.value, heightM / 2);
  return WALLS.map((wall) => {
    const { plane } = wallFrame(room.box, wall);
    const [from, to] = longestFree(room, wall, eye);
    const free = to - from >= STRIP_M;
    const sill = Math.min(...room.windows.filter((w) => w.wall === wall).map((w) => w.sillM));
    const at = free ? pointOnWall(room.box, wall, (from + to) / 2, eye) : pointOnWall(room.box, wall, plane.uM / 2, sill / 2);
    return { name: wallPosition(wall), at, normal: normalOf(plane) };
  });
}

/** The largest window's middle, a little inside the room, at the height samples are held; undefined without a window. */
function besideWindow(room: LightRoom): { readonly at: Vector; readonly outward: Vector } | undefined {
  const largest = [...room.windows].sort((p, q) => q.widthM * q.heightM - p.widthM * p.heightM)[0];
  if (!largest) return undefined;
  const { plane } = wallFrame(room.box, largest.wall);
  const { s0, s1, z0, z1 } = openingOf(largest);
  const inward = normalOf(plane);
  const z = Math.min(Math.max(ASSUMED.receiverHeightM.value, z0), z1, room.box.heightM * 0.8);
  const [x, y] = pointOnWall(room.box, largest.wall, (s0 + s1) / 2, z);
  const deep = plane.axis === 0 ? room.box.widthM : room.box.depthM;
  const step = Math.min(ASSUMED.byWindowM.value, deep / 3);
  return { at: [x + inward[0] * step, y + inward[1] * step, z], outward: [-inward[0], -inward[1], 0] };
}

/** Under the brightest lamp, or undefined without one. */
function underLamp(room: LightRoom): Vector | undefined {
  const brightest = [...room.lamps].sort((p, q) => q.lumens * q.dimmedShare - p.lumens * p.dimmedShare)[0];
  if (!brightest) return undefined;
  const [x, y, z] = brightest.at;
  return [x, y, Math.max(z - ASSUMED.underLampM.value, z / 2)];
}

/** Held up to the window, facing it; held flat under the lamp. Those that the room has. */
export function heldPositions(room: LightRoom): Receiver[] {
  const window = besideWindow(room);
  const lamp = underLamp(room);
  return [
    ...(window ? [{ name: 'by-window', at: window.at, normal: window.outward }] : []),
    ...(lamp ? [{ name: 'under-lamp', at: lamp, normal: [0, 0, 1] as const }] : []),
  ];
}

/** Steps of the slide, both ends counted. */
export const SLIDE_STEPS = 9;

/**
 * The slide: a sample held at 45°, facing the window, moved from the window to under the lamp (or, without one of them, to the far side
 * of the room). Empty without a window and a lamp.
 */
export function slidePositions(room: LightRoom): Receiver[] {
  const window = besideWindow(room);
  const lamp = underLamp(room);
  if (!window && !lamp) return [];
  const { widthM: w, depthM: d } = room.box;
  const mirror = ([x, y, z]: Vector): Vector => [w - x, d - y, z];
  const from = window?.at ?? mirror(lamp!);
  const to = lamp ?? mirror(from);
  const away = Math.hypot(to[0] - from[0], to[1] - from[1]);
  const facing: Vector = window?.outward ?? (away > 0 ? [(to[0] - from[0]) / away, (to[1] - from[1]) / away, 0] : [0, -1, 0]);
  const tilt = Math.SQRT1_2;
  const normal: Vector = [facing[0] * tilt, facing[1] * tilt, tilt];
  return Array.from({ length: SLIDE_STEPS }, (_, k) => {
    const t = k / (SLIDE_STEPS - 1);
    const at = [0, 1, 2].map((c) => from[c]! + t * (to[c]! - from[c]!)) as unknown as Vector;
    return { name: `slide-${k}`, at, normal };
  });
}

/** The six usual positions: four walls, by the window, under the lamp. */
export const usualPositions = (room: LightRoom): Receiver[] => [...wallPositions(room), ...heldPositions(room)];
