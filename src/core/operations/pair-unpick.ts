import { z } from 'zod';
import { idSchema } from '../base/fields';
import { has, having, undone } from './events';
import { roomOperation } from './operation';

/** Takes a pick back, or puts it back. */
export const pairUnpick = roomOperation(
  z.strictObject({ name: z.literal('pair.unpick'), roomId: idSchema, pickId: idSchema, undone: z.boolean().default(true) }),
  (room, { pickId, undone: is }) =>
    having([['pick', has(room.picks, pickId)]], () => ({ ...room, picks: undone(room.picks, pickId, is) })),
);
