import { z } from 'zod';
import { idSchema } from '../base/fields';
import { paintworkSchema } from '@/core/record/paintwork';
import { roomOperation } from './operation';

/** Says what of a room is painted beside its walls and ceiling: doors, rails, skirting, cabinets. */
export const roomPaintwork = roomOperation(
  z.strictObject({ name: z.literal('room.paintwork'), roomId: idSchema, paintwork: paintworkSchema }),
  (room, { paintwork }) => ({ ...room, paintwork }),
);
