import { z } from 'zod';
import { idSchema } from '../base/fields';
import { has, having, undone } from './events';
import { roomOperation } from './operation';

/** Takes a note away, or puts it back as it was. */
export const noteRemove = roomOperation(
  z.strictObject({ name: z.literal('note.remove'), roomId: idSchema, noteId: idSchema, removed: z.boolean() }),
  (room, { noteId, removed }) =>
    having([['note', has(room.notes, noteId)]], () => ({ ...room, notes: undone(room.notes, noteId, removed) })),
);
