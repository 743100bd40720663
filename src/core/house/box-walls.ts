import { wallLength } from '../room/plan';
import { WALLS, type Wall } from '../room/facing';
import { plus, times, type Point } from './quarter-turns';

/** A box room seen from above, metres. */
export type Box = { readonly widthM: number; readonly depthM: number };
/** A piece of a line. */
export type Segment = readonly [Point, Point];

/** Along a wall from its left end seen from inside; walls are met turning right, the first lies along x. */
const ALONG: readonly Point[] = [
  [1, 0],
  [0, 1],
  [-1, 0],
  [0, -1],
];

/** Where a wall begins: its left end seen from inside. */
export const leftEnd = ({ widthM, depthM }: Box, wall: Wall): Point =>
  (
    [
      [0, 0],
      [widthM, 0],
      [widthM, depthM],
      [0, depthM],
    ] as const satisfies readonly Point[]
  )[wall]!;

/** The point of a wall that lies so far from its left end. */
export const alongWall = (box: Box, wall: Wall, leftM: number): Point => plus(leftEnd(box, wall), times(ALONG[wall]!, leftM));

export const wallSegment = (box: Box, wall: Wall): Segment => [leftEnd(box, wall), leftEnd(box, WALLS[(wall + 1) % 4]!)];

/** A door in its wall. */
export const doorSegment = (box: Box, wall: Wall, leftM: number, widthM: number): Segment => [
  alongWall(box, wall, leftM),
  alongWall(box, wall, leftM + widthM),
];

/** From a wall of a box into it. */
export const inward = (wall: Wall): Point => ALONG[(wall + 1) % 4]!;

/** Where a door of a width stands in the middle of a wall. */
export const middleOf = (box: Box, wall: Wall, widthM: number): number => Math.max(0, (wallLength(wall, box) - widthM) / 2);
