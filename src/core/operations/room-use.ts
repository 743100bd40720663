import { z } from 'zod';
import { idSchema } from '../base/fields';
import { roomFieldsSchema } from '@/core/record/room';
import { roomOperation } from './operation';

const { use, kind } = roomFieldsSchema.shape;

/** Notes when a room is used, and what kind of room it is. */
export const roomUse = roomOperation(
  z.strictObject({ name: z.literal('room.use'), roomId: idSchema, use: use.unwrap(), kind: kind.unwrap() }),
  (room, { use, kind }) => ({ ...room, use, kind }),
);
