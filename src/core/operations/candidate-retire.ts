import { z } from 'zod';
import { idSchema } from '../base/fields';
import { byOrdinalAndStrength } from '../record/by-ordinal';
import { roomOperation } from './operation';
import { setRetired } from './retire';

/** Takes a colour at a strength out of the room, or puts it back; its verdicts are kept. */
export const candidateRetire = roomOperation(
  z.strictObject({ name: z.literal('candidate.retire'), roomId: idSchema, candidateId: idSchema, retired: z.boolean() }),
  (room, { candidateId, retired }) =>
    setRetired(room, 'candidates', { id: candidateId, retired, what: 'colour', order: byOrdinalAndStrength }),
);
