import { lightReflectanceValue } from '../../colour/tristimulus';
import { boundsOf, floorArea } from '../../room/plan';
import { ASSUMED } from '../assumptions';
import { BORDER_M, GRID_POINTS, HORIZONTAL_LUX, skyAngle, through } from '../daylight-factor';
import { diffuseShare } from '../glass';
import { outdoorsGiven } from '../outdoors';
import { luxOf } from '../spectral';
import type { PlannedShape } from './known-rooms';
import { heightOver, inPolygon, wallAxes, type OpenDoor, type PlannedRoom, type Point } from './planned-room';
import { preparePlanned, type PlannedReceiver } from './prepare-planned';

/**
 * The published average daylight factor of a room of any plan, percent, with curtains open. What stands in it counts as a part of its
 * faces, open doors as black; a window in a slope or a ceiling sees as much of the sky as it lets it.
 *
 * Σ τ Aw θ / (A (1 − R²)): Crisp & Littlefair 1984; BRE, BS 8206-2.
 */
export function plannedAverageDaylightFactor({ placed }: PlannedShape['known']): number {
  const { room, facets } = placed[0]!;
  const areas = facets.map((f) => floorArea(f.outline));
  const total = areas.reduce((s, a) => s + a, 0);
  const glazed = [...room.windows, ...room.roofWindows];
  const area = (w: (typeof glazed)[number]) => w.widthM * ('heightM' in w ? w.heightM : w.depthM);
  const reflecting = facets.reduce((s, f, k) => {
    const holes = f.holes.reduce((sum, [u0, u1, v0, v1]) => sum + (u1 - u0) * (v1 - v0), 0);
    return s + Math.max(0, areas[k]! - holes) * (lightReflectanceValue(f.reflectance) / 100);
  }, 0);
  const mean = reflecting / total;
  const sum = glazed.reduce((s, w, k) => {
    // upright it sees half of the sky, level all of it
    const upward = k < room.windows.length ? 0 : pitchOf(room, room.roofWindows[k - room.windows.length]!);
    return (
      s +
      through(w.glass) *
        diffuseShare(w.panes) *
        area(w) *
        (skyAngle({ ...w, heightM: 'heightM' in w ? w.heightM : w.depthM }) + upward)
    );
  }, 0);
  return sum / (total * (1 - mean * mean));
}

/** How far a roof window leans back from upright, degrees. */
const pitchOf = ({ slopes }: PlannedRoom, window: PlannedRoom['roofWindows'][number]): number =>
  90 - ('slope' in window ? slopes[window.slope]!.pitchDeg : 0);

/** Points of the working plane: a grid over the room, away from its walls, and not in what stands there. */
function workingPlane(room: PlannedRoom): PlannedReceiver[] {
  const { from, widthM, depthM } = boundsOf(room.plan);
  const z = Math.min(ASSUMED.workingPlaneM.value, room.heightM / 2);
  const line = (begin: number, length: number) => {
    const border = Math.min(BORDER_M, length / 4);
    return Array.from({ length: GRID_POINTS }, (_, n) => begin + border + ((n + 0.5) * (length - 2 * border)) / GRID_POINTS);
  };
  const isFree = (at: Point) =>
    inPolygon(at, room.plan) &&
    heightOver(room, at) > z &&
    room.plan.every((_, wall) => {
      const { from: a, along, inward, length } = wallAxes(room, wall);
      const [dx, dy] = [at[0] - a[0], at[1] - a[1]];
      const [s, away] = [dx * along[0] + dy * along[1], dx * inward[0] + dy * inward[1]];
      return s < 0 || s > length || away < 0 || away >= 0.25;
    }) &&
    !room.boxes.some(
      (b) => b.heightM >= z && at[0] > b.atM[0] && at[0] < b.atM[0] + b.widthM && at[1] > b.atM[1] && at[1] < b.atM[1] + b.depthM,
    );
  return line(from[0], widthM).flatMap((x) =>
    line(from[1], depthM).flatMap((y): PlannedReceiver[] =>
      isFree([x, y]) ? [{ name: 'plane', at: [x, y, z], normal: [0, 0, 1], room: 0 }] : [],
    ),
  );
}

/**
 * The same as this product computes it: the mean over the working plane under a traditional overcast sky, percent; what comes through open
 * doors counts.
 */
export function plannedComputedDaylightFactor(
  asFurnished: readonly PlannedRoom[],
  doors: readonly OpenDoor[],
  shape?: PlannedShape,
): number {
  const open = <T extends PlannedRoom['windows'][number] | PlannedRoom['roofWindows'][number]>(w: T): T => ({
    ...w,
    curtain: { clear: 1, through: 1 },
  });
  const isOpen = asFurnished.every((r) => [...r.windows, ...r.roofWindows].every((w) => w.curtain.clear === 1));
  const rooms = isOpen
    ? asFurnished
    : asFurnished.map((r) => ({ ...r, windows: r.windows.map(open), roofWindows: r.roofWindows.map(open) }));
  const points = workingPlane(rooms[0]!);
  if (points.length === 0) return 0;
  const outdoors = outdoorsGiven({ type: 'traditional-overcast', horizontalLux: HORIZONTAL_LUX });
  const lights = preparePlanned(rooms, doors, points, isOpen ? shape : undefined).lightAt(outdoors, false);
  const sum = lights.reduce((all, { direct, bounced }) => all + luxOf(direct) + luxOf(bounced), 0);
  return (100 * sum) / points.length / HORIZONTAL_LUX;
}
