import { z } from 'zod';
import { momentSchema, pointSchema } from '../light-request';
import { openDoorSchema, plannedRoomSchema } from './planned-description';

export const pointsSchema = z
  .array(pointSchema.extend({ room: z.string().max(60).optional() }))
  .max(60)
  .optional();
/** `light` of a room as it is, or of several joined by open doors. */
export const oneSchema = z.strictObject({ room: plannedRoomSchema, moment: momentSchema, points: pointsSchema });
export const joinedSchema = z.strictObject({
  rooms: z.record(z.string().min(1).max(60), plannedRoomSchema),
  doors: z.array(openDoorSchema).max(24).default([]),
  moment: momentSchema,
  points: pointsSchema,
});

/** What `bin/core light` is asked of rooms as they are. Without `points` it answers at the middle of every wall. */
export const plannedLightSchema = z.union([oneSchema, joinedSchema]);
