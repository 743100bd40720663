import { AS_DECIDED, triedScheme, type Tried } from '@/core/engine/standing-dress';
import type { Room } from '@/core/record/room';

type Named = Pick<Room, 'candidates' | 'schemes'>;
const colourCalled = (room: Named, id: string): string | undefined => {
  const candidate = room.candidates.find((c) => c.id === id);
  return candidate && `${candidate.name} ${candidate.strength} %`;
};

/** What is on the walls, short: "as they are", "Esk Mossen 75 %", "scheme Calm". */
export function sayWalls(room: Named, walls: string): string {
  const scheme = triedScheme(room, walls);
  if (scheme) return `scheme ${scheme.name}`;
  return colourCalled(room, walls) ?? (walls === AS_DECIDED ? 'as decided' : 'as they are');
}

/** "Esk Mossen 75 % on all walls, the right half of each Esk Mossen 50 %". */
export function sayTried(room: Named, { walls, half }: Pick<Tried, 'walls' | 'half'>): string {
  const named = sayWalls(room, walls);
  const isColour = colourCalled(room, walls) !== undefined;
  const all = isColour ? `${named} on all walls` : triedScheme(room, walls) ? `in the ${named}` : `the walls ${named}`;
  const other = colourCalled(room, half);
  return other ? `${all}, the right half of each ${other}` : all;
}
