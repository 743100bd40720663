import type { DoorsWritten } from '@/core/derived/house-doors';
import type { WriteOf } from '@/core/operations/operations';
import type { Room } from '@/core/record/room';

/** The writes that give rooms their doors as they are now; of rooms that are gone nothing is written. */
export const doorWrites = (
  rooms: readonly Pick<Room, 'id' | 'paintwork'>[],
  written: readonly DoorsWritten[],
): WriteOf<'room.paintwork'>[] =>
  written.flatMap(({ roomId, doors }) => {
    const room = rooms.find((r) => r.id === roomId);
    return room ? [{ name: 'room.paintwork' as const, roomId, paintwork: { ...room.paintwork, doors } }] : [];
  });
