import { vectorTo } from '../directions';
import type { SunPosition } from '../sun';
import { dot, type Vector } from '../view-factor';
import { placedRooms } from './known-rooms';
import { beamSpot, sightOut, type PlannedAperture } from './outside';
import { onFacet, type Facet } from './patches';
import { heightOver, inPolygon, wallAxes, type PlannedRoom, type Point } from './planned-room';
import { sightIn } from './visible';

/** Spots across and up a window at which it is asked whether the sun stands before it. Own choice. */
const ASKED = 6;

/** Windows of a room as they lie in its faces, each part by the number of its window: those in walls first, then the roof's. */
const known = new WeakMap<PlannedRoom, readonly PlacedWindow[]>();
type PlacedWindow = { readonly aperture: PlannedAperture; readonly window: number };
function windowsOf(room: PlannedRoom): readonly PlacedWindow[] {
  // a day asks for them a hundred times
  const before = known.get(room);
  if (before) return before;
  const [{ apertures }] = placedRooms([room], []) as [ReturnType<typeof placedRooms>[number]];
  const wholes: (readonly number[])[] = [];
  const found = apertures.map((aperture) => {
    const same = (w: readonly number[]) => w === aperture.whole;
    if (!wholes.some(same)) wholes.push(aperture.whole);
    return { aperture, window: wholes.findIndex(same) };
  });
  known.set(room, found);
  return found;
}

/** How much of the sun's beam comes in by each window of a room, square metres across the beam; cloth counts by what it lets through. */
export function beamsThrough(room: PlannedRoom, sun: SunPosition): number[] {
  const count = room.windows.length + room.roofWindows.length;
  const found = Array.from({ length: count }, () => 0);
  if (sun.altitudeDeg <= 0) return found;
  const toSun = vectorTo(sun, room.bearingDeg);
  const glazed = [...room.windows, ...room.roofWindows];
  for (const { aperture, window } of windowsOf(room)) {
    const cosine = -dot(toSun, aperture.facet.inward);
    if (cosine <= 1e-6) continue;
    const out = sightOut(room, aperture);
    const [u0, u1, v0, v1] = aperture.rect;
    let lit = 0;
    for (let k = 0; k < ASKED ** 2; k++) {
      const [i, j] = [k % ASKED, Math.floor(k / ASKED)];
      const spot = onFacet(aperture.facet, u0 + ((i + 0.5) / ASKED) * (u1 - u0), v0 + ((j + 0.5) / ASKED) * (v1 - v0));
      const inside: Vector = [spot[0] - 0.01 * toSun[0], spot[1] - 0.01 * toSun[1], spot[2] - 0.01 * toSun[2]];
      if (out(inside, spot).seen === 'sky') lit += 1;
    }
    const lets = aperture.cloth ? glazed[window]!.curtain.through : 1;
    found[window]! += (lit / ASKED ** 2) * (u1 - u0) * (v1 - v0) * cosine * lets;
  }
  return found;
}

/** Where each window faces, degrees clockwise from true north; undefined of one that lies flat. */
export function windowBearings(room: PlannedRoom): (number | undefined)[] {
  const bearing = (inward: Facet['inward']): number | undefined => {
    if (Math.hypot(inward[0], inward[1]) < 1e-6) return undefined;
    // wall 0 looks out along −y, and its bearing is where that points
    const turn = (Math.atan2(-inward[0], inward[1]) * 180) / Math.PI;
    return (((room.bearingDeg + turn) % 360) + 360) % 360;
  };
  const found: (number | undefined)[] = [];
  for (const { aperture, window } of windowsOf(room)) found[window] = bearing(aperture.facet.inward);
  return found;
}

type LitSpan = { readonly x: number; readonly y: number; readonly length: number };
/** Where the sun falls: on the floor as rows of spans, `cellM` high; on walls as stretches of them at the height of the eyes. */
export type SunOnPlan = {
  readonly cellM: number;
  readonly floor: readonly LitSpan[];
  readonly walls: readonly { readonly wall: number; readonly fromM: number; readonly toM: number }[];
};
const CELL_M = 0.08;
const EYE_M = 1.2;

export function sunOnPlan(room: PlannedRoom, sun: SunPosition): SunOnPlan {
  const nothing: SunOnPlan = { cellM: CELL_M, floor: [], walls: [] };
  if (sun.altitudeDeg <= 0) return nothing;
  const toSun = vectorTo(sun, room.bearingDeg);
  const sees = sightIn(room);
  const windows = windowsOf(room)
    .filter(({ aperture }) => !aperture.cloth && -dot(toSun, aperture.facet.inward) > 1e-6)
    .map(({ aperture }) => ({ aperture, out: sightOut(room, aperture) }));
  if (windows.length === 0) return nothing;
  const isLit = (at: Vector, normal: Vector): boolean =>
    dot(toSun, normal) > 0 &&
    windows.some(({ aperture, out }) => {
      const spot = beamSpot(aperture, at, toSun);
      return spot !== undefined && sees(at, spot) && out(at, spot).seen === 'sky';
    });
  const [xs, ys] = [room.plan.map((p) => p[0]), room.plan.map((p) => p[1])];
  const floor: LitSpan[] = [];
  for (let y = Math.min(...ys); y < Math.max(...ys); y += CELL_M) {
    let from: number | undefined;
    for (let x = Math.min(...xs); ; x += CELL_M) {
      const at: Point = [x + CELL_M / 2, y + CELL_M / 2];
      const over = x < Math.max(...xs);
      const lit = over && inPolygon(at, room.plan) && isLit([at[0], at[1], 0.001], [0, 0, 1]);
      if (lit) from ??= x;
      else if (from !== undefined) {
        floor.push({ x: from, y, length: x - from });
        from = undefined;
      }
      if (!over) break;
    }
  }
  const walls = room.plan.flatMap((_, wall) => {
    const { from, along, inward, length } = wallAxes(room, wall);
    const found: { wall: number; fromM: number; toM: number }[] = [];
    for (let s = CELL_M / 2; s < length; s += CELL_M) {
      const [x, y] = [from[0] + s * along[0], from[1] + s * along[1]];
      const z = Math.min(EYE_M, 0.9 * heightOver(room, [x, y]));
      if (!isLit([x + 1e-3 * inward[0], y + 1e-3 * inward[1], z], [inward[0], inward[1], 0])) continue;
      const last = found.at(-1);
      if (last && s - last.toM < CELL_M) last.toM = s + CELL_M / 2;
      else found.push({ wall, fromM: s - CELL_M / 2, toM: s + CELL_M / 2 });
    }
    return found;
  });
  return { cellM: CELL_M, floor, walls };
}
