import { z } from 'zod';
import { idSchema } from '../base/fields';
import { noteSchema } from '../record/note';
import { added, has, having } from './events';
import { roomOperation } from './operation';
import { everyOne } from './retire';

const { candidateId, words } = noteSchema.shape;

/** Writes a note on a room, or on one of its colours. */
export const noteAdd = roomOperation(
  z.strictObject({ name: z.literal('note.add'), roomId: idSchema, candidateId, words }),
  (room, { candidateId, words }, { id, at }) =>
    having([['colour', candidateId === null || has(everyOne(room, 'candidates'), candidateId)]], () => ({
      ...room,
      notes: added(room.notes, { id, candidateId, words, at, undone: false }),
    })),
);
