import { deltaE00 } from '../colour/ciede2000';
import type { PieceColour } from './piece';
import type { Lab } from '../colour/types';

/** How a piece stands on a wall: the mean of how far its colours are from it, by what share of the piece each is, ΔE00. */
export const contrastOn = (colours: readonly PieceColour[], wall: Lab): number =>
  colours.reduce((sum, c) => sum + c.share * deltaE00(c.lab, wall), 0);

/** Nearer than this a part of a piece runs into the wall. ΔE00, own choice. */
const RUNS_IN = 10;
/** From this share on that is as near as the wall a piece recedes. */
const RECEDES = 0.35;

/** Whether a piece recedes on a wall, for a good part of it is the wall's colour, or stands out. */
export const recedes = (colours: readonly PieceColour[], wall: Lab): boolean =>
  colours.reduce((sum, c) => sum + (deltaE00(c.lab, wall) < RUNS_IN ? c.share : 0), 0) >= RECEDES;

/** "the piece stands out (contrast 41)". */
export const sayOnWall = (colours: readonly PieceColour[], wall: Lab, name: string): string =>
  `${name} ${recedes(colours, wall) ? 'recedes' : 'stands out'} (contrast ${Math.round(contrastOn(colours, wall))})`;
