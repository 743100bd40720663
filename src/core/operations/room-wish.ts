import { z } from 'zod';
import { idSchema } from '../base/fields';
import { roomFieldsSchema } from '@/core/record/room';
import { roomOperation } from './operation';

const { wish, moreWishes, wishWords } = roomFieldsSchema.shape;

/** Notes what the client wants of a room, and in whose words. */
export const roomWish = roomOperation(
  z.strictObject({
    name: z.literal('room.wish'),
    roomId: idSchema,
    wish: wish.unwrap(),
    /** What else is wanted, in order; left out by writes of before. */
    more: moreWishes,
    words: wishWords.unwrap(),
  }),
  (room, { wish, more, words }) => ({ ...room, wish, moreWishes: more, wishWords: words }),
);
