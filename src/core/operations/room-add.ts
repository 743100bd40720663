import { z } from 'zod';
import { idSchema, nameSchema } from '../base/fields';
import { nextOrdinal } from '@/core/record/by-ordinal';
import { emptyRoom } from '@/core/record/room';
import { has } from './events';
import { operation } from './operation';
import { roomsOf } from '@/core/record/visit';

/** Adds a room at the end of the walk. */
export const roomAdd = operation(
  z.strictObject({ name: z.literal('room.add'), visitId: idSchema, roomId: idSchema, room: nameSchema }),
  (visit, { roomId, room }) => {
    const all = roomsOf(visit);
    if (has(all, roomId)) return { reason: 'already-there', what: 'room.add' };
    return { ...visit, rooms: [...visit.rooms, emptyRoom({ id: roomId, name: room, ordinal: nextOrdinal(all) })] };
  },
);
