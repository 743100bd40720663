import { z } from 'zod';
import { idSchema } from '../base/fields';
import { byOrdinal, byOrdinalAndStrength } from '@/core/record/by-ordinal';
import { byNumber } from '@/core/record/look';
import { byTime } from '@/core/record/photo';
import type { Retired } from '@/core/record/room';
import { bySample } from '@/core/record/sample';
import { byId } from '@/core/record/scheme';
import { roomOperation, type RoomEffect } from './operation';
import { setRetired } from './retire';

/**
 * What can be taken out of a room and put back where it was: nothing of it is lost, and what was said of it is kept. Each kind with its
 * order in the room and its name in a refusal.
 */
const takenOut = <N extends string, I extends string, K extends keyof Retired>(
  name: N,
  idField: I,
  { kind, ...how }: { kind: K; what: string; order: (p: Retired[K][number], q: Retired[K][number]) => number },
) => {
  const ids = { [idField]: idSchema } as Record<I, typeof idSchema>;
  const schema = z.strictObject({ name: z.literal(name), roomId: idSchema, ...ids, retired: z.boolean() });
  const effect: RoomEffect<Record<I, string> & { readonly retired: boolean }> = (room, write) =>
    setRetired(room, kind, { id: write[idField], retired: write.retired, ...how });
  return roomOperation(schema, effect as unknown as RoomEffect<z.infer<typeof schema>>);
};

export const stayRetire = takenOut('stay.retire', 'stayId', { kind: 'stays', what: 'thing that stays', order: byOrdinal });
export const candidateRetire = takenOut('candidate.retire', 'candidateId', {
  kind: 'candidates',
  what: 'colour',
  order: byOrdinalAndStrength,
});
export const photoRetire = takenOut('photo.retire', 'photoId', { kind: 'photos', what: 'photograph', order: byTime });
export const schemeRetire = takenOut('scheme.retire', 'schemeId', { kind: 'schemes', what: 'scheme', order: byId });
export const lookRetire = takenOut('look.retire', 'lookId', { kind: 'looks', what: 'look', order: byNumber });
export const sampleRetire = takenOut('sample.retire', 'sampleId', { kind: 'samples', what: 'sample', order: bySample });
