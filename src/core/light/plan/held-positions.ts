import { ASSUMED } from '../assumptions';
import { SLIDE_STEPS } from '../sample-positions';
import type { Vector } from '../view-factor';
import { middleOf, type Point } from '../../room/plan';
import { wallPosition } from '../../room/wall-position';
import type { PlannedReceiver } from './prepare-planned';
import { heightOver, wallAxes, type PlannedRoom } from './planned-room';

/** A hand's breadth over what stands there, where a sample would be held inside of it. */
const OVER_M = 0.1;
const over = ({ boxes }: PlannedRoom, [x, y, z]: Vector): Vector => {
  const tops = boxes
    .filter(({ atM, widthM, depthM }) => x >= atM[0] && x <= atM[0] + widthM && y >= atM[1] && y <= atM[1] + depthM)
    .map((box) => box.heightM + OVER_M);
  return [x, y, Math.max(z, ...tops)];
};

/** The largest window in a wall, its middle a little inside the room; undefined where there is none. */
function besideWindow(room: PlannedRoom): { readonly at: Vector; readonly outward: Vector } | undefined {
  const [largest] = [...room.windows].sort((p, q) => q.widthM * q.heightM - p.widthM * p.heightM);
  if (!largest) return undefined;
  const { from, along, inward } = wallAxes(room, largest.wall);
  const s = largest.leftM + largest.widthM / 2;
  const step = ASSUMED.byWindowM.value;
  const [x, y] = [from[0] + s * along[0] + step * inward[0], from[1] + s * along[1] + step * inward[1]];
  const z = Math.min(Math.max(ASSUMED.receiverHeightM.value, largest.sillM), largest.sillM + largest.heightM);
  return { at: over(room, [x, y, Math.min(z, 0.8 * heightOver(room, [x, y]))]), outward: [-inward[0], -inward[1], 0] };
}

/** Under the brightest lamp; undefined without one. */
function underLamp(room: PlannedRoom): Vector | undefined {
  const [brightest] = [...room.lamps].sort((p, q) => q.lumens * q.dimmedShare - p.lumens * p.dimmedShare);
  if (!brightest) return undefined;
  const [x, y, z] = brightest.at;
  return over(room, [x, y, Math.max(z - ASSUMED.underLampM.value, z / 2)]);
}

/** Narrowest strip of wall on which a sample is held. */
const STRIP_M = 0.1;

/** Where a sample is held on each wall: the middle of its longest piece without a window, at the height of the eyes, as in a box. */
export const wallPlaces = (room: PlannedRoom): PlannedReceiver[] =>
  room.plan.map((_, wall): PlannedReceiver => {
    const { from, along, inward, length } = wallAxes(room, wall);
    const at = (s: number): Point => [from[0] + s * along[0], from[1] + s * along[1]];
    const eyeAt = (s: number) => Math.min(ASSUMED.receiverHeightM.value, heightOver(room, at(s)) / 2);
    const eye = eyeAt(length / 2);
    const taken = room.windows
      .filter((w) => w.wall === wall && eye > w.sillM && eye < w.sillM + w.heightM)
      .sort((p, q) => p.leftM - q.leftM);
    let [begin, best] = [0, [0, 0] as [number, number]];
    for (const { leftM, widthM } of [...taken, { leftM: length, widthM: 0 }]) {
      if (leftM - begin > best[1] - best[0]) best = [begin, leftM];
      begin = Math.max(begin, leftM + widthM);
    }
    const free = best[1] - best[0] >= STRIP_M;
    const s = free ? (best[0] + best[1]) / 2 : length / 2;
    const z = free ? eyeAt(s) : Math.min(...taken.map((w) => w.sillM)) / 2;
    const [x, y] = at(s);
    // a cupboard may stand before it: then it is held over that
    return { name: wallPosition(wall), at: over(room, [x, y, z]), normal: [inward[0], inward[1], 0], room: 0 };
  });

/** Every position of a room of any plan: the middles of its walls, by the window, under the lamp; those that it has. */
export function usualPlannedPositions(room: PlannedRoom): PlannedReceiver[] {
  const [window, lamp] = [besideWindow(room), underLamp(room)];
  return [
    ...wallPlaces(room),
    ...(window ? [{ name: 'by-window', at: window.at, normal: window.outward, room: 0 }] : []),
    ...(lamp ? [{ name: 'under-lamp', at: lamp, normal: [0, 0, 1] as const, room: 0 }] : []),
  ];
}

/** The slide, as in a box: from the window to under the lamp, or to or from the middle of the room. */
export function plannedSlide(room: PlannedRoom): PlannedReceiver[] {
  const [window, lamp] = [besideWindow(room), underLamp(room)];
  if (!window && !lamp) return [];
  const [mx, my] = middleOf(room.plan);
  const middle: Vector = [mx, my, ASSUMED.receiverHeightM.value];
  const from = window?.at ?? middle;
  const to = lamp ?? middle;
  const away = Math.hypot(to[0] - from[0], to[1] - from[1]);
  const facing: Vector = window?.outward ?? (away > 0 ? [(to[0] - from[0]) / away, (to[1] - from[1]) / away, 0] : [0, -1, 0]);
  const tilt = Math.SQRT1_2;
  return Array.from({ length: SLIDE_STEPS }, (_, k): PlannedReceiver => {
    const t = k / (SLIDE_STEPS - 1);
    const at: Vector = [from[0] + t * (to[0] - from[0]), from[1] + t * (to[1] - from[1]), from[2] + t * (to[2] - from[2])];
    return { name: `slide-${k}`, at, normal: [facing[0] * tilt, facing[1] * tilt, tilt], room: 0 };
  });
}
