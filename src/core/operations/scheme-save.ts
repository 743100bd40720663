import { z } from 'zod';
import { idSchema } from '../base/fields';
import { schemeSchema, type Scheme } from '../record/scheme';
import { has, having } from './events';
import { notFound, operation, withRoom } from './operation';
import { everyOne, withKind } from './retire';

const { wallId, trimId, accentIds } = schemeSchema.shape;

const schema = z.strictObject({
  name: z.literal('scheme.save'),
  roomId: idSchema,
  schemeId: idSchema,
  scheme: schemeSchema.shape.name,
  wallId,
  trimId,
  accentIds,
});

/** The colours of a scheme. */
export const coloursOfScheme = (s: Pick<Scheme, 'wallId' | 'trimId' | 'accentIds'>): string[] =>
  [s.wallId, s.trimId, ...s.accentIds].filter((id) => id !== null);

export const byId = (p: { readonly id: string }, q: { readonly id: string }): number => (p.id < q.id ? -1 : 1);

/** Keeps a scheme, new or changed; one that was taken away comes back with it. */
export const schemeSave = operation(schema, (visit, { roomId, schemeId, scheme, wallId, trimId, accentIds }) => {
  const rooms = [...visit.rooms, ...visit.retiredRooms];
  const room = rooms.find((r) => r.id === roomId);
  if (!room) return notFound('room');
  const after: Scheme = { id: schemeId, name: scheme, wallId, trimId, accentIds };
  const candidates = everyOne(room, 'candidates');
  const owner = rooms.find((r) => has(everyOne(r, 'schemes'), schemeId));
  const needed = [
    ['colour', coloursOfScheme(after).every((id) => has(candidates, id))],
    ['scheme', owner === undefined || owner === room],
  ] as const;
  return having(needed, () => {
    const others = (list: readonly Scheme[]) => list.filter((s) => s.id !== schemeId);
    const here = [...others(room.schemes), after];
    return withRoom(visit, withKind(room, 'schemes', { here, retired: others(room.retired.schemes), order: byId }));
  });
});
