import { z } from 'zod';
import { idSchema } from '../base/fields';
import { byOrdinal } from '@/core/record/by-ordinal';
import { has } from './events';
import { notFound, operation } from './operation';
import { roomsOf } from '@/core/record/visit';

/** Takes a room off the visit, or puts it back where it was. The last one stays. */
export const roomRetire = operation(
  z.strictObject({ name: z.literal('room.retire'), roomId: idSchema, retired: z.boolean() }),
  (visit, { roomId, retired }) => {
    const from = retired ? visit.rooms : visit.retiredRooms;
    const room = from.find((r) => r.id === roomId);
    if (!room) return has(roomsOf(visit), roomId) ? visit : notFound('room');
    if (retired && visit.rooms.length === 1) return { reason: 'last-room' };
    const rest = from.filter((r) => r !== room);
    if (retired) return { ...visit, rooms: rest, retiredRooms: [...visit.retiredRooms, room].sort(byOrdinal) };
    return { ...visit, rooms: [...visit.rooms, room].sort(byOrdinal), retiredRooms: rest };
  },
);
