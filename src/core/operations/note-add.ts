import { z } from 'zod';
import { idSchema } from '../base/fields';
import { noteSchema } from '@/core/record/note';
import { added, has, having } from './events';
import { roomOperation } from './operation';
import { everyOne } from './retire';

const said = noteSchema.omit({ id: true, at: true, undone: true }).shape;

/** Writes a note on a room, or on one of its colours. */
export const noteAdd = roomOperation(
  z.strictObject({ name: z.literal('note.add'), roomId: idSchema, ...said }),
  (room, { name: _, roomId: __, ...note }, { id, at }) =>
    having([['colour', note.candidateId === null || has(everyOne(room, 'candidates'), note.candidateId)]], () => ({
      ...room,
      notes: added(room.notes, { id, at, ...note, undone: false }),
    })),
);
