import { z } from 'zod';
import { idSchema } from '../base/fields';
import { isSurfaceColour } from '../record/recorded-colour';
import { bySample, sampleFields, sampleIssue, type Sample } from '../record/sample';
import { has, having } from './events';
import { notFound, operation, withRoom } from './operation';
import { everyOne, withKind } from './retire';

const schema = z
  .strictObject({ name: z.literal('sample.save'), roomId: idSchema, sampleId: idSchema, ...sampleFields })
  .superRefine((sample, context) => {
    const message = sampleIssue(sample);
    if (message) context.addIssue({ code: 'custom', path: ['borderM'], message });
    if (sample.read !== null && sample.paintedAt === null)
      context.addIssue({ code: 'custom', path: ['read'], message: 'It is read when it is painted and dry.' });
  });

/** Keeps a sample as it is now: planned, painted, read. One that was taken away comes back with it. */
export const sampleSave = operation(schema, (visit, { name: _, roomId, sampleId, ...said }) => {
  const rooms = [...visit.rooms, ...visit.retiredRooms];
  const room = rooms.find((r) => r.id === roomId);
  if (!room) return notFound('room');
  if (said.read && !isSurfaceColour(said.read)) return { reason: 'not-a-surface-colour', what: 'sample' };
  const after: Sample = { id: sampleId, ...said };
  const owner = rooms.find((r) => has(everyOne(r, 'samples'), sampleId));
  const needed = [
    ['colour', has(everyOne(room, 'candidates'), said.candidateId)],
    ['sample', owner === undefined || owner === room],
  ] as const;
  return having(needed, () => {
    const others = (list: readonly Sample[]) => list.filter((s) => s.id !== sampleId);
    const here = [...others(room.samples), after];
    return withRoom(visit, withKind(room, 'samples', { here, retired: others(room.retired.samples), order: bySample }));
  });
});
