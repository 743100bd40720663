import { z } from 'zod';
import { idSchema } from '../base/fields';
import { bySample } from '../record/sample';
import { roomOperation } from './operation';
import { setRetired } from './retire';

/** Takes a sample out of a room, or puts it back. */
export const sampleRetire = roomOperation(
  z.strictObject({ name: z.literal('sample.retire'), roomId: idSchema, sampleId: idSchema, retired: z.boolean() }),
  (room, { sampleId, retired }) => setRetired(room, 'samples', { id: sampleId, retired, what: 'sample', order: bySample }),
);
