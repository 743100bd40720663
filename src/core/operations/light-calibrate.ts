import { z } from 'zod';
import { idSchema } from '../base/fields';
import { roomOperation } from './operation';

/** Lets the room's readings correct what is computed, or not. */
export const lightCalibrate = roomOperation(
  z.strictObject({ name: z.literal('light.calibrate'), roomId: idSchema, on: z.boolean() }),
  (room, { on }) => ({ ...room, calibrated: on }),
);
