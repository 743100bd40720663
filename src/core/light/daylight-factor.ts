import type { Wall } from '../room/facing';
import { lightReflectanceValue } from '../colour/tristimulus';
import { ASSUMED } from './assumptions';
import { planesOf } from './box';
import { diffuseShare } from './glass';
import { facesOf, type LightRoom } from './light-room';
import { beyondWindow, OTHERS } from './beyond-window';
import { outdoorsGiven, type Outdoors } from './outdoors';
import { bounce } from './radiosity';
import { straightSights } from './receiver';
import { shapeOf, TARGETS } from './room-shape';
import { SKY_GRID } from './sky-grid';
import { luxOf } from './spectral';
import { polygonFactor } from './view-factor';

/** Luminous transmittance of a window's glass straight through. */
export const through = (glass: Float64Array): number => lightReflectanceValue(glass) / 100;

/** Visible sky angle of a window in degrees, from its middle: the sky over the obstruction, less the overhang. */
export const skyAngle = (w: Pick<LightRoom['windows'][number], 'obstructionDeg' | 'overhangM' | 'heightM'>): number => {
  const shade = w.overhangM > 0 ? (Math.atan2(w.overhangM, w.heightM / 2) * 180) / Math.PI : 0;
  return Math.max(0, 90 - w.obstructionDeg - shade);
};

/**
 * The published average daylight factor, percent: Σ τ Aw θ / (A (1 − R²)), τ for diffuse light, with curtains open. Crisp & Littlefair
 * 1984; BRE, BS 8206-2.
 */
export function averageDaylightFactor(room: LightRoom): number {
  const planes = planesOf(room.box);
  const faces = facesOf(room);
  const glazed = ([0, 1, 2, 3] as const).map((wall: Wall) =>
    room.windows.filter((w) => w.wall === wall).reduce((s, w) => s + w.widthM * w.heightM, 0),
  );
  const areas = planes.map(({ uM, vM }) => uM * vM);
  const total = areas.reduce((s, a) => s + a, 0);
  const reflecting = areas.reduce((s, area, f) => s + (area - (glazed[f] ?? 0)) * (lightReflectanceValue(faces[f]!) / 100), 0);
  const mean = reflecting / total;
  const sum = room.windows.reduce((s, w) => s + through(w.glass) * diffuseShare(w.panes) * w.widthM * w.heightM * skyAngle(w), 0);
  return sum / (total * (1 - mean * mean));
}

/** Points across and along the working plane. */
export const GRID_POINTS = 5;
export const HORIZONTAL_LUX = 10_000;
/** The band along the walls that the working plane leaves out, metres. EN 12464-1. */
export const BORDER_M = 0.5;

/** Where the n-th point of the working plane lies along a length of the room. */
function onPlane(lengthM: number, n: number): number {
  const border = Math.min(BORDER_M, lengthM / 4);
  return border + ((n + 0.5) * (lengthM - 2 * border)) / GRID_POINTS;
}

/** Luminance in cd/m² of everything that can be seen through each window of a room, by target. */
function luminancesBeyond(room: LightRoom, outdoors: Outdoors): readonly Float64Array[] {
  return room.windows.map((_, window) => {
    const beyond = beyondWindow(room, window, outdoors);
    return Float64Array.from({ length: TARGETS.count }, (_, target) =>
      target < SKY_GRID.cells
        ? outdoors.luminance(SKY_GRID.altitudeDeg[target]!, SKY_GRID.azimuthDeg[target]!)
        : luxOf(beyond[OTHERS[target - SKY_GRID.cells]!]),
    );
  });
}

/** The same quantity as this product computes it: the mean over the working plane under a traditional overcast sky, percent. */
export function computedDaylightFactor(asFurnished: LightRoom): number {
  const room = { ...asFurnished, windows: asFurnished.windows.map((w) => ({ ...w, curtain: 'open' as const })) };
  const shape = shapeOf(room);
  const { patches } = shape.patched;
  const outdoors = outdoorsGiven({ type: 'traditional-overcast', horizontalLux: HORIZONTAL_LUX });
  const beyond = luminancesBeyond(room, outdoors);
  const direct = new Float64Array(patches.length);
  shape.sights.forEach(({ patch, target, factor }, a) => {
    const { window } = shape.apertures[a]!;
    const scale = Math.PI * through(room.windows[window]!.glass);
    patch.forEach((p, k) => (direct[p]! += scale * factor[k]! * beyond[window]![target[k]!]!));
  });
  const luminous = facesOf(room).map((rho) => lightReflectanceValue(rho) / 100);
  const reflectance = patches.map(({ face }, j) => luminous[face]! * shape.solid[j]!);
  const { total } = bounce(shape.factors, direct, reflectance);
  const { widthM: w, depthM: d, heightM } = room.box;
  const z = Math.min(ASSUMED.workingPlaneM.value, heightM / 2);
  let sum = 0;
  for (let k = 0; k < GRID_POINTS ** 2; k++) {
    const [i, j] = [k % GRID_POINTS, Math.floor(k / GRID_POINTS)];
    const at = [onPlane(w, i), onPlane(d, j), z] as const;
    const up = [0, 0, 1] as const;
    straightSights(room, shape, { name: 'plane', at, normal: up }).forEach((pieces, a) => {
      const { window } = shape.apertures[a]!;
      const scale = Math.PI * through(room.windows[window]!.glass);
      for (const { factor, target } of pieces) sum += scale * factor * beyond[window]![target]!;
    });
    patches.forEach(({ corners }, p) => (sum += polygonFactor(at, up, corners) * reflectance[p]! * total[p]!));
  }
  return (100 * sum) / GRID_POINTS ** 2 / HORIZONTAL_LUX;
}
