import type { Wall } from '../room/facing';
import type { Box } from './radiosity';
import type { Sky } from './sky';
import { incidenceCosine, type SunPosition } from './sun';
import { dot, polygonFactor, subtract, type Vector } from './view-factor';

/** A window in a wall: measures in metres from the wall's left end and floor, seen from inside. */
export type Opening = {
  readonly wall: Wall;
  readonly leftM: number;
  readonly sillM: number;
  readonly widthM: number;
  readonly heightM: number;
  /** Share of the light that comes through; 1 is an open hole. Taken the same from every side. */
  readonly transmittance: number;
  /** How high, in degrees above the horizon, what stands outside hides the sky. */
  readonly obstructionDeg: number;
};

/** What lies outside, in cd/m²; the sky's luminance by direction. */
export type Outdoors = {
  readonly skyLuminance: Sky;
  readonly groundLuminance: number;
  readonly obstructionLuminance: number;
};

const RAD = Math.PI / 180;

/** Azimuth (degrees clockwise from north) and altitude of a direction in the room, when wall 0 (at y = 0) faces `bearingDeg` outward. */
export function directionOf(
  [x, y, z]: Vector,
  bearingDeg: number,
): { readonly azimuthDeg: number; readonly altitudeDeg: number } {
  const azimuth = bearingDeg + Math.atan2(x, -y) / RAD;
  return { azimuthDeg: ((azimuth % 360) + 360) % 360, altitudeDeg: Math.atan2(z, Math.hypot(x, y)) / RAD };
}

/** Unit vector in the room toward a direction in the sky. */
export function vectorTo({ azimuthDeg, altitudeDeg }: SunPosition, bearingDeg: number): Vector {
  const turn = (azimuthDeg - bearingDeg) * RAD;
  const flat = Math.cos(altitudeDeg * RAD);
  return [flat * Math.sin(turn), -flat * Math.cos(turn), Math.sin(altitudeDeg * RAD)];
}

/** A point of a wall, `s` metres from its left end seen from inside and `z` metres up. Walls go clockwise seen from above. */
function pointOfWall({ widthM: w, depthM: d }: Box, wall: Wall, s: number, z: number): Vector {
  const at: readonly Vector[] = [
    [w - s, 0, z],
    [w, d - s, z],
    [s, d, z],
    [0, s, z],
  ];
  return at[wall]!;
}

/**
 * Why an opening does not fit its wall, or undefined. The interface has words for each.
 */
export function openingProblem(box: Box, opening: Opening): 'wider-than-wall' | 'higher-than-wall' | undefined {
  const { wall, leftM, sillM, widthM, heightM } = opening;
  const length = wall % 2 === 0 ? box.widthM : box.depthM;
  if (leftM < 0 || leftM + widthM > length + 1e-9) return 'wider-than-wall';
  return sillM < 0 || sillM + heightM > box.heightM + 1e-9 ? 'higher-than-wall' : undefined;
}

const corners = (box: Box, o: Opening, s: readonly [number, number], z: readonly [number, number]): Vector[] => [
  pointOfWall(box, o.wall, s[0], z[0]),
  pointOfWall(box, o.wall, s[1], z[0]),
  pointOfWall(box, o.wall, s[1], z[1]),
  pointOfWall(box, o.wall, s[0], z[1]),
];

/** Cells across and up a window over which the luminance outside is taken as even. */
export const WINDOW_CELLS = 16;

/** Luminance seen from inside in a direction, before the glass. */
function luminanceToward(outdoors: Outdoors, azimuthDeg: number, altitudeDeg: number, obstructionDeg: number): number {
  if (altitudeDeg <= 0) return outdoors.groundLuminance;
  return altitudeDeg < obstructionDeg ? outdoors.obstructionLuminance : outdoors.skyLuminance(altitudeDeg, azimuthDeg);
}

type Element = { readonly centre: Vector; readonly normal: Vector };

/**
 * Illuminance (lux) of a small element inside by the sky, the ground and what stands outside, seen through one window: the exact polygon
 * factor of each cell of the window times the luminance behind it.
 */
export function diffuseFromWindow(
  element: Element,
  room: { readonly box: Box; readonly bearingDeg: number },
  opening: Opening,
  outdoors: Outdoors,
): number {
  const { leftM, sillM, widthM, heightM, transmittance, obstructionDeg } = opening;
  const n = WINDOW_CELLS;
  let sum = 0;
  for (let i = 0; i < n; i++)
    for (let j = 0; j < n; j++) {
      const s: [number, number] = [leftM + (i * widthM) / n, leftM + ((i + 1) * widthM) / n];
      const z: [number, number] = [sillM + (j * heightM) / n, sillM + ((j + 1) * heightM) / n];
      const factor = polygonFactor(element.centre, element.normal, corners(room.box, opening, s, z));
      if (factor === 0) continue;
      const middle = pointOfWall(room.box, opening.wall, (s[0] + s[1]) / 2, (z[0] + z[1]) / 2);
      const { azimuthDeg, altitudeDeg } = directionOf(subtract(middle, element.centre), room.bearingDeg);
      sum += factor * luminanceToward(outdoors, azimuthDeg, altitudeDeg, obstructionDeg);
    }
  return Math.PI * transmittance * sum;
}

/** Outward normals of the walls. */
const OUTWARD: readonly Vector[] = [
  [0, -1, 0],
  [1, 0, 0],
  [0, 1, 0],
  [-1, 0, 0],
];

/**
 * Illuminance (lux) of a small element inside by the sun's beam through one window; 0 when the sun does not reach it.
 *
 * @param beamNormalLux illuminance outside on a surface that faces the sun
 */
export function sunFromWindow(
  element: Element,
  room: { readonly box: Box; readonly bearingDeg: number },
  opening: Opening,
  sun: SunPosition & { readonly beamNormalLux: number },
): number {
  if (sun.altitudeDeg <= Math.max(0, opening.obstructionDeg)) return 0;
  if (incidenceCosine(sun, room.bearingDeg + 90 * opening.wall) <= 0) return 0;
  const toSun = vectorTo(sun, room.bearingDeg);
  const facing = dot(toSun, element.normal);
  if (facing <= 0) return 0;
  const outward = OUTWARD[opening.wall]!;
  const plane = pointOfWall(room.box, opening.wall, 0, 0);
  const t = dot(subtract(plane, element.centre), outward) / dot(toSun, outward);
  const [x, y, z] = [0, 1, 2].map((k) => element.centre[k]! + t * toSun[k]!) as [number, number, number];
  const left = pointOfWall(room.box, opening.wall, 0, 0);
  const s = Math.hypot(x - left[0], y - left[1]);
  const inside =
    s >= opening.leftM && s <= opening.leftM + opening.widthM && z >= opening.sillM && z <= opening.sillM + opening.heightM;
  return inside ? opening.transmittance * sun.beamNormalLux * facing : 0;
}
