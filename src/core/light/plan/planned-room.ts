import type { Reflectance } from '../../colour/grid';
import { wallLine, type Point } from '../../room/plan';
import type { Panes } from '../glass';
import type { Lamp } from '../lamp';

export type { Point } from '../../room/plan';

/** What is open in a face: where its middle line begins, and how it is glazed. Measures in metres. */
export type Glazed = {
  readonly glass: Float64Array;
  readonly panes: Panes;
  readonly obstructionDeg: number;
  readonly revealM: number;
  readonly overhangM: number;
  /** How much of its width is clear in the middle, 0–1, and what cloth over the rest lets through. */
  readonly curtain: { readonly clear: number; readonly through: number };
};
/** A window in an upright wall, from its left end and the floor, seen from inside. */
export type WallWindow = Glazed & {
  readonly wall: number;
  readonly leftM: number;
  readonly sillM: number;
  readonly widthM: number;
  readonly heightM: number;
};
/** A window in a slope, from its left end and up along it from where it begins; or in the flat ceiling, from its nearest corner. */
export type RoofWindow = Glazed &
  (
    | { readonly slope: number; readonly leftM: number; readonly upM: number; readonly widthM: number; readonly heightM: number }
    | { readonly ceiling: true; readonly atM: Point; readonly widthM: number; readonly depthM: number }
  );
/** A slope of the ceiling: it rises from `kneeM` above its wall at `pitchDeg`. */
export type Slope = { readonly wall: number; readonly kneeM: number; readonly pitchDeg: number };
/** A box that stands on the floor: a tall cupboard, an island, half a wall. */
export type StandingBox = {
  readonly atM: Point;
  readonly widthM: number;
  readonly depthM: number;
  readonly heightM: number;
  readonly reflectance: Reflectance;
};

/**
 * A room of any simple plan of upright walls, with slopes, roof windows and boxes. Corners as the walls are met turning right; wall i runs
 * from corner i to corner i + 1, left to right seen from inside. Reflectances on the grid, each in [0, 1).
 */
export type PlannedRoom = {
  readonly plan: readonly Point[];
  readonly heightM: number;
  /** Where wall 0 faces outward, degrees clockwise from true north. */
  readonly bearingDeg: number;
  readonly walls: readonly Reflectance[];
  readonly floor: Reflectance;
  readonly ceiling: Reflectance;
  readonly ground: Reflectance;
  readonly obstruction: Reflectance;
  readonly slopes: readonly Slope[];
  readonly windows: readonly WallWindow[];
  readonly roofWindows: readonly RoofWindow[];
  readonly boxes: readonly StandingBox[];
  readonly lamps: readonly Lamp[];
};

/** A door that stands open between two rooms of a list, in a wall of each, from the left seen from inside each. */
export type OpenDoor = {
  readonly rooms: readonly [number, number];
  readonly walls: readonly [number, number];
  readonly leftM: readonly [number, number];
  readonly widthM: number;
  readonly heightM: number;
};

const { tan, cos, PI } = Math;

export const wallEnds = ({ plan }: Pick<PlannedRoom, 'plan'>, wall: number): readonly [Point, Point] => [
  plan[wall]!,
  plan[(wall + 1) % plan.length]!,
];
/** A wall's left end, direction, the way inward, and length. */
export const wallAxes = ({ plan }: Pick<PlannedRoom, 'plan'>, wall: number) => wallLine(plan, wall);

/** How high a slope is over a point of the plan. */
export function slopeHeight(room: Pick<PlannedRoom, 'plan'>, { wall, kneeM, pitchDeg }: Slope, [x, y]: Point): number {
  const { from, inward } = wallAxes(room, wall);
  const away = (x - from[0]) * inward[0] + (y - from[1]) * inward[1];
  return kneeM + away * tan((pitchDeg * PI) / 180);
}
/** How high the room is over a point of its plan: the flat ceiling and all slopes, whichever is lowest. */
export const heightOver = (room: PlannedRoom, at: Point): number =>
  room.slopes.reduce((least, slope) => Math.min(least, slopeHeight(room, slope, at)), room.heightM);

/** The slope's own axes: along its wall, up along it, and into the room. */
export function slopeAxes(room: PlannedRoom, { wall, kneeM, pitchDeg }: Slope) {
  const { from, along, inward } = wallAxes(room, wall);
  const [c, s] = [cos((pitchDeg * PI) / 180), Math.sin((pitchDeg * PI) / 180)];
  return {
    from: [from[0], from[1], kneeM] as const,
    along: [along[0], along[1], 0] as const,
    up: [inward[0] * c, inward[1] * c, s] as const,
    inward: [inward[0] * s, inward[1] * s, -c] as const,
  };
}

export { inPlan as inPolygon } from '../../room/plan';
