import { z } from 'zod';
import { idSchema } from '../base/fields';
import { byTime, PHOTO_LIMITS, photoSchema, type Photo } from '@/core/record/photo';
import { roomOperation } from './operation';
import { everyOne, withKind } from './retire';

const { picture, width, height, settings, predicted } = photoSchema.shape;

/** Keeps a photograph in a room, or a picture that was computed here. The picture itself was handed in before, and is named by its hash. */
export const photoAdd = roomOperation(
  z.strictObject({ name: z.literal('photo.add'), roomId: idSchema, picture, width, height, settings, predicted }),
  (room, { picture, width, height, settings, predicted }, { id, at }) => {
    if (everyOne(room, 'photos').some((p) => p.id === id)) return room;
    if (room.photos.length >= PHOTO_LIMITS.mostInRoom) return { reason: 'too-many', what: 'photographs' };
    const photo: Photo = { id, picture, width, height, settings, caption: '', white: null, predicted, at };
    return withKind(room, 'photos', { here: [...room.photos, photo], retired: room.retired.photos, order: byTime });
  },
);
