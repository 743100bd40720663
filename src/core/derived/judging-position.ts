import { oppositeWall } from '../room/facing';
import { facedWall, wallLine } from '../room/plan';
import { wallPosition } from '../room/wall-position';
import type { Room } from '@/core/record/room';

/** Where a room is judged until another place is chosen: the wall opposite its largest window, the longest where none has one. */
export function judgingPosition({ windows, shape }: Pick<Room, 'windows' | 'shape'>): string {
  const [largest] = [...windows].sort((p, q) => q.widthM * q.heightM - p.widthM * p.heightM);
  if (!shape) return wallPosition(oppositeWall(largest?.wall ?? 0));
  if (largest && largest.wall < shape.plan.length) return wallPosition(facedWall(shape.plan, largest.wall));
  // lit from above, or not at all: the longest wall
  const longest = shape.plan.reduce(
    (best, _, k) => (wallLine(shape.plan, k).length > wallLine(shape.plan, best).length ? k : best),
    0,
  );
  return wallPosition(longest);
}
