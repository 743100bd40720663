import type { Room } from '@/core/record/room';

/** What lies on the floor: the largest colour of the largest thing there. */
export function floorOf(room: Pick<Room, 'stays'>) {
  const [lies] = room.stays.filter((s) => s.lies === 'floor').sort((p, q) => q.cover - p.cover);
  const [component] = lies ? [...lies.components].sort((p, q) => q.share - p.share) : [];
  return lies && component ? { name: lies.name, component } : undefined;
}
