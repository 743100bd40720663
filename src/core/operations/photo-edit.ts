import { z } from 'zod';
import { idSchema } from '../base/fields';
import { photoSchema } from '@/core/record/photo';
import { changed, has, having } from './events';
import { roomOperation } from './operation';
import { everyOne } from './retire';

const { caption, settings, white } = photoSchema.shape;

/** Says what a photograph shows, how it was taken, and where white paper lies in it. */
export const photoEdit = roomOperation(
  z.strictObject({ name: z.literal('photo.edit'), roomId: idSchema, photoId: idSchema, caption, settings, white }),
  (room, { name: _, roomId: __, photoId, ...said }) =>
    having([['photograph', has(everyOne(room, 'photos'), photoId)]], () => {
      const photos = changed(room.photos, photoId, said);
      return { ...room, photos, retired: { ...room.retired, photos: changed(room.retired.photos, photoId, said) } };
    }),
);
