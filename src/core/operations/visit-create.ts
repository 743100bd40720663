import { z } from 'zod';
import { EACH_ONCE, eachOnce, idSchema, nameSchema } from '../base/fields';
import { emptyRoom } from '@/core/record/room';
import { visitFieldsSchema, type Visit } from '@/core/record/visit';
import { operation, type Stamp } from './operation';

const { label, place, units } = visitFieldsSchema.shape;

const schema = z.strictObject({
  name: z.literal('visit.create'),
  visitId: idSchema,
  label,
  place,
  units,
  /** In walking order. */
  rooms: z
    .array(z.strictObject({ roomId: idSchema, name: nameSchema }))
    .min(1, 'Give the visit at least one room.')
    .max(60, 'At most 60 rooms.')
    .refine((rooms) => eachOnce(rooms.map((r) => ({ id: r.roomId }))), EACH_ONCE),
});

/** The visit a `visit.create` makes. */
export function newVisit({ visitId, label, place, units, rooms }: z.infer<typeof schema>, { at }: Stamp): Visit {
  return {
    ...visitFieldsSchema.parse({ id: visitId, label, place, units, createdAt: at }),
    rooms: rooms.map(({ roomId, name }, i) => emptyRoom({ id: roomId, name, ordinal: i + 1 })),
    retiredRooms: [],
    hands: [],
  };
}

/** Starts a visit. There is none yet for it to change: see {@link newVisit}. */
export const visitCreate = operation(schema, () => ({ reason: 'already-there', what: 'visit.create' }));
