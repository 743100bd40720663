import { WALLS } from './facing';
import { wallOfPosition, wallPosition } from './wall-position';

test('a wall’s position is known by its name, and no other name is a wall’s', () => {
  for (const wall of WALLS) expect(wallOfPosition(wallPosition(wall))).toBe(wall);
  for (const name of ['by-window', 'under-lamp', 'wall-', 'wall-123', 'slide-1', ''])
    expect(wallOfPosition(name)).toBeUndefined();
});
