/** The name of the sample position at the middle of a wall. */
export const wallPosition = (wall: number): `wall-${number}` => `wall-${wall}`;

const AT_WALL = /^wall-(\d{1,2})$/;
/** The wall a sample position is at; undefined for one that is at none. */
export function wallOfPosition(name: string): number | undefined {
  const found = AT_WALL.exec(name);
  return found ? Number(found[1]) : undefined;
}
