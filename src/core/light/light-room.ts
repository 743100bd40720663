import { GRID, type Reflectance } from '../colour/grid';
import { reflectanceFromLab } from '../colour/reflectance';
import { lightReflectanceValue } from '../colour/tristimulus';
import { wallBearingDeg, type BoxWall } from '../room/facing';
import { CURTAINS, GLAZINGS, type Curtain, type Glazing } from './assumptions';
import { depthOf, type Panes } from './glass';
import { planesOf, type Box, type Plane } from './box';
import type { Lamp } from './lamp';
import { openingOf, rectsOverlap, type WallRect } from './room-fit';
import { wallLength } from '../room/plan';

/** A window in a wall: measures in metres from the wall's left end and floor, seen from inside. */
export type LightWindow = {
  readonly wall: BoxWall;
  readonly leftM: number;
  readonly sillM: number;
  readonly widthM: number;
  readonly heightM: number;
  /** Spectral transmittance of the glass on the grid, straight through. */
  readonly glass: Float64Array;
  /** What decides how much less comes through aslant. */
  readonly panes: Panes;
  readonly curtain: Curtain;
  /** How high, in degrees above the horizon, what stands opposite hides the sky. */
  readonly obstructionDeg: number;
  /** How deep the window sits in the wall. */
  readonly revealM: number;
  /** How far a roof or balcony stands out over its head. */
  readonly overhangM: number;
};

/** Everything the light of a room depends on. Reflectances on the grid, each in [0, 1). */
export type LightRoom = {
  readonly box: Box;
  /** Where wall 0 faces outward, degrees clockwise from true north. */
  readonly bearingDeg: number;
  readonly walls: readonly [Reflectance, Reflectance, Reflectance, Reflectance];
  readonly floor: Reflectance;
  readonly ceiling: Reflectance;
  readonly ground: Reflectance;
  readonly obstruction: Reflectance;
  readonly windows: readonly LightWindow[];
  readonly lamps: readonly Lamp[];
};

/** A reflectance that is the same at every wavelength. */
export const flat = (rho: number): Reflectance => new Float64Array(GRID.count).fill(rho);

/** Spectral transmittance of glass: its tint's curve, scaled so that it lets `transmittance` of daylight through. */
export function glassOf(kind: Glazing, transmittance: number = GLAZINGS[kind].transmittance): Float64Array {
  const { tint } = GLAZINGS[kind];
  if (tint.a === 0 && tint.b === 0) return flat(transmittance);
  const curve = reflectanceFromLab(tint);
  if (!curve.ok) throw new RangeError(`tint of ${kind} glass`);
  const y = lightReflectanceValue(curve.value) / 100;
  return curve.value.map((v) => (v * transmittance) / y);
}

/** The panes of glazing of a kind that lets `transmittance` straight through; an open hole where that is everything. */
export function panesOf(kind: Glazing, transmittance: number = GLAZINGS[kind].transmittance): Panes {
  const panes = transmittance === 1 ? 0 : GLAZINGS[kind].panes;
  return { panes, depth: depthOf(panes, transmittance) };
}

/** Reflectances of the six faces in the order of FACES. */
export const facesOf = (room: LightRoom): readonly Reflectance[] => [...room.walls, room.floor, room.ceiling];

/** A part of a window: clear, or covered by cloth that scatters what comes through. `window` is its number in the room. */
export type Aperture = {
  readonly window: number;
  readonly rect: WallRect;
  readonly scatters: boolean;
  /** What the cloth lets through; 1 without it. */
  readonly through: number;
};

/** The clear and the covered parts of every window. */
export function aperturesOf(windows: readonly LightWindow[]): Aperture[] {
  return windows.flatMap((w, window) => {
    const { clear, through } = CURTAINS[w.curtain];
    const rect = openingOf(w);
    const side = ((1 - clear) / 2) * w.widthM;
    const covered = (s0: number, s1: number): Aperture => ({ window, rect: { ...rect, s0, s1 }, scatters: true, through });
    const middle: Aperture = { window, rect: { ...rect, s0: rect.s0 + side, s1: rect.s1 - side }, scatters: false, through: 1 };
    if (clear === 1) return [middle];
    if (clear === 0) return [covered(rect.s0, rect.s1)];
    return [covered(rect.s0, rect.s0 + side), middle, covered(rect.s1 - side, rect.s1)];
  });
}

/** A wall as a plane, and what turns a distance from its left end into the plane's own axis: u = from + turn · s. */
export type WallFrame = { readonly plane: Plane; readonly from: number; readonly turn: 1 | -1 };

export function wallFrame(box: Box, wall: BoxWall): WallFrame {
  const plane = planesOf(box)[wall]!;
  // looking out at wall 0 the right hand points along x: its left end lies at x = 0
  return wall < 2 ? { plane, from: 0, turn: 1 } : { plane, from: plane.uM, turn: -1 };
}

/** Where a wall of the room faces outward, degrees clockwise from true north. */
export const bearingOf = (room: Pick<LightRoom, 'bearingDeg'>, wall: BoxWall): number => wallBearingDeg(room.bearingDeg, wall);

/** What keeps a room from being computed; the interface has words for each. `window` and `lamp` are numbers from 0. */
export type RoomProblem =
  | { readonly reason: 'wider-than-wall' | 'higher-than-wall'; readonly window: number; readonly roomM: number }
  | { readonly reason: 'windows-overlap'; readonly window: number; readonly other: number }
  | { readonly reason: 'lamp-outside'; readonly lamp: number }
  | { readonly reason: 'reflects-everything'; readonly face: number };

const SLACK_M = 1e-6;

const overlap = (p: LightWindow, q: LightWindow): boolean =>
  p.wall === q.wall && rectsOverlap(openingOf(p), openingOf(q), SLACK_M);

/** Every problem of windows and lamps that do not fit the box, and of faces that reflect everything. */
export function roomProblems(room: LightRoom): RoomProblem[] {
  const { box, windows, lamps } = room;
  const problems: RoomProblem[] = [];
  windows.forEach((w, window) => {
    const lengthM = wallLength(w.wall, box);
    if (w.leftM < -SLACK_M || w.leftM + w.widthM > lengthM + SLACK_M)
      problems.push({ reason: 'wider-than-wall', window, roomM: lengthM });
    if (w.sillM < 0 || w.sillM + w.heightM > box.heightM + SLACK_M)
      problems.push({ reason: 'higher-than-wall', window, roomM: box.heightM });
    const other = windows.findIndex((o, n) => n < window && overlap(o, w));
    if (other >= 0) problems.push({ reason: 'windows-overlap', window, other });
  });
  lamps.forEach(({ at: [x, y, z] }, lamp) => {
    const inside = x > 0 && x < box.widthM && y > 0 && y < box.depthM && z > 0 && z < box.heightM;
    if (!inside) problems.push({ reason: 'lamp-outside', lamp });
  });
  facesOf(room).forEach((rho, face) => {
    if (rho.some((r) => !(r >= 0 && r < 1))) problems.push({ reason: 'reflects-everything', face });
  });
  return problems;
}
