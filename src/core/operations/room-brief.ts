import { z } from 'zod';
import { idSchema } from '../base/fields';
import { roomBriefFields } from '@/core/record/room';
import { roomOperation } from './operation';
import { optionalOf, statedOf } from './stated';

/** Says what the client says of a room; what is left out stays as it is. */
export const roomBrief = roomOperation(
  z.strictObject({ name: z.literal('room.brief'), roomId: idSchema, ...optionalOf(roomBriefFields) }),
  (room, { name: _, roomId: __, ...said }) => ({ ...room, ...statedOf(said) }),
);
