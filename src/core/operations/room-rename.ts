import { z } from 'zod';
import { idSchema, int32Schema, nameSchema } from '../base/fields';
import { CHANGED_ELSEWHERE, roomOperation } from './operation';

/** Gives a room another name. */
export const roomRename = roomOperation(
  z.strictObject({ name: z.literal('room.rename'), roomId: idSchema, revision: int32Schema, room: nameSchema }),
  (room, write) =>
    write.revision === room.revision ? { ...room, name: write.room, revision: room.revision + 1 } : CHANGED_ELSEWHERE,
);
