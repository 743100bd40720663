import { oppositeWall } from '../room/facing';
import { wallPosition } from '../room/wall-position';
import type { Room } from '@/core/record/room';

/** The sample position a room is judged at until another is chosen: the wall opposite its largest window. */
export function judgingPosition({ windows }: Pick<Room, 'windows'>): string {
  const [largest] = [...windows].sort((p, q) => q.widthM * q.heightM - p.widthM * p.heightM);
  return wallPosition(oppositeWall(largest?.wall ?? 0));
}
