import { z } from 'zod';
import { idSchema } from '../base/fields';
import { byNumber, hoursIssue, lookFields, type Look } from '../record/look';
import { has, having } from './events';
import { notFound, operation, withRoom } from './operation';
import { everyOne, withKind } from './retire';

const schema = z
  .strictObject({ name: z.literal('look.save'), roomId: idSchema, lookId: idSchema, ...lookFields })
  .superRefine((look, context) => {
    const message = hoursIssue(look);
    if (message) context.addIssue({ code: 'custom', path: ['toHour'], message });
    if ((look.state === 'taken') !== (look.takenAt !== null))
      context.addIssue({ code: 'custom', path: ['takenAt'], message: 'A look that was taken says when.' });
  });

/** Keeps a look, planned or by hand, as it is now: taken, moved, dropped. One that was taken away comes back with it. */
export const lookSave = operation(schema, (visit, { name: _, roomId, lookId, ...said }) => {
  const rooms = [...visit.rooms, ...visit.retiredRooms];
  const room = rooms.find((r) => r.id === roomId);
  if (!room) return notFound('room');
  const after: Look = { id: lookId, ...said };
  const candidates = everyOne(room, 'candidates');
  const owner = rooms.find((r) => has(everyOne(r, 'looks'), lookId));
  const needed = [
    ['colour', said.candidateIds.every((id) => has(candidates, id))],
    ['look', owner === undefined || owner === room],
  ] as const;
  return having(needed, () => {
    const others = (list: readonly Look[]) => list.filter((l) => l.id !== lookId);
    const here = [...others(room.looks), after];
    return withRoom(visit, withKind(room, 'looks', { here, retired: others(room.retired.looks), order: byNumber }));
  });
});
