import { z } from 'zod';
import { idSchema } from '../base/fields';
import { roomOperation } from './operation';
import { setRetired } from './retire';
import { byId } from './scheme-save';

/** Takes a scheme away, or puts it back. */
export const schemeRetire = roomOperation(
  z.strictObject({ name: z.literal('scheme.retire'), roomId: idSchema, schemeId: idSchema, retired: z.boolean() }),
  (room, { schemeId, retired }) => setRetired(room, 'schemes', { id: schemeId, retired, what: 'scheme', order: byId }),
);
