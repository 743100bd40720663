import { WALLS, type Wall } from './facing';

/** The name of the sample position at the middle of a wall. */
export const wallPosition = (wall: Wall): `wall-${Wall}` => `wall-${wall}`;

/** The wall a sample position is at; undefined for one that is at none. */
export const wallOfPosition = (name: string): Wall | undefined => WALLS.find((wall) => wallPosition(wall) === name);
