import { z } from 'zod';
import { idSchema, int32Schema } from '../base/fields';
import { byOrdinal, nextOrdinal } from '@/core/record/by-ordinal';
import { isSurfaceColour } from '@/core/record/recorded-colour';
import { staySchema, type RecordedStay } from '@/core/record/stay';
import type { Room } from '@/core/record/room';
import { CHANGED_ELSEWHERE, notFound, operation, withRoom } from './operation';
import { everyOne, withKind } from './retire';
import { roomsOf } from '@/core/record/visit';

const { name, ...said } = staySchema.omit({ id: true, revision: true, ordinal: true }).shape;

const schema = z.strictObject({
  name: z.literal('stay.save'),
  roomId: idSchema,
  /** The thing's own revision; null when it is new. */
  revision: int32Schema.nullable(),
  stayId: idSchema,
  stay: name,
  ...said,
});
export type StaySave = z.infer<typeof schema>;

/** What of a thing a write sets. A fixed finish always shares its undertone. */
export const savedStay = ({ name: _, roomId: __, revision: ___, stayId: id, stay, ...set }: StaySave) => ({
  ...set,
  id,
  name: stay,
  school: set.kind === 'fixed' ? ('share' as const) : set.school,
});

/** The thing as it is after a write, in its room; `before` when it was there. */
function saved(room: Room, write: StaySave, before: RecordedStay | undefined): Room {
  const after: RecordedStay = {
    ...savedStay(write),
    revision: (before?.revision ?? 0) + 1,
    ordinal: before?.ordinal ?? nextOrdinal(everyOne(room, 'stays')),
  };
  const put = (list: readonly RecordedStay[]) => list.map((s) => (s.id === after.id ? after : s));
  const here = before ? put(room.stays) : [...room.stays, after];
  return withKind(room, 'stays', { here, retired: put(room.retired.stays), order: byOrdinal });
}

/** Records a thing that stays, or changes it. */
export const staySave = operation(schema, (visit, write) => {
  const rooms = roomsOf(visit);
  const room = rooms.find((r) => r.id === write.roomId);
  if (!room) return notFound('room');
  const impossible = write.components.find((c) => !isSurfaceColour(c.colour));
  if (impossible) return { reason: 'not-a-surface-colour', what: impossible.name };
  const owner = rooms.find((r) => everyOne(r, 'stays').some((s) => s.id === write.stayId));
  if (owner ? owner !== room : write.revision !== null) return notFound('thing that stays');
  const before = everyOne(room, 'stays').find((s) => s.id === write.stayId);
  if ((before?.revision ?? null) !== write.revision) return CHANGED_ELSEWHERE;
  return withRoom(visit, saved(room, write, before));
});
