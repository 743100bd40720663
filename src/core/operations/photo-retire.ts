import { z } from 'zod';
import { idSchema } from '../base/fields';
import { roomOperation } from './operation';
import { byTime } from './photo-add';
import { setRetired } from './retire';

/** Takes a photograph away, or puts it back. */
export const photoRetire = roomOperation(
  z.strictObject({ name: z.literal('photo.retire'), roomId: idSchema, photoId: idSchema, retired: z.boolean() }),
  (room, { photoId, retired }) => setRetired(room, 'photos', { id: photoId, retired, what: 'photograph', order: byTime }),
);
