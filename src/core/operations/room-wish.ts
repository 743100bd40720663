import { z } from 'zod';
import { idSchema } from '../base/fields';
import { roomFieldsSchema } from '../record/room';
import { roomOperation } from './operation';

const { wish, wishWords } = roomFieldsSchema.shape;

/** Notes what the client wants of a room, and in whose words. */
export const roomWish = roomOperation(
  z.strictObject({ name: z.literal('room.wish'), roomId: idSchema, wish: wish.unwrap(), words: wishWords.unwrap() }),
  (room, { wish, words }) => ({ ...room, wish, wishWords: words }),
);
