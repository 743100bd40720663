import { z } from 'zod';
import { EACH_ONCE, eachOnce, idSchema } from '../base/fields';
import { byOrdinal } from '@/core/record/by-ordinal';
import type { Room } from '@/core/record/room';
import { has, having } from './events';
import { operation } from './operation';
import { roomsOf } from '@/core/record/visit';

/** Rooms of a visit, those taken off it included, in the order asked for; those that were not named follow as they stood. */
export function inWalkingOrder<T extends { readonly id: string; readonly ordinal: number }>(
  all: readonly T[],
  asked: readonly string[],
): string[] {
  const rest = [...all].sort((p, q) => p.ordinal - q.ordinal || (p.id < q.id ? -1 : 1)).map((r) => r.id);
  return [...asked, ...rest.filter((id) => !asked.includes(id))];
}

/** Puts the rooms into another walking order. */
export const roomOrder = operation(
  z.strictObject({
    name: z.literal('room.order'),
    visitId: idSchema,
    roomIds: z
      .array(idSchema)
      .min(1)
      .max(200)
      .refine((ids) => eachOnce(ids.map((id) => ({ id }))), EACH_ONCE)
      .readonly(),
  }),
  (visit, { roomIds }) => {
    const all = roomsOf(visit);
    return having([['room', roomIds.every((id) => has(all, id))]], () => {
      const order = inWalkingOrder(all, roomIds);
      const placed = (rooms: readonly Room[]) =>
        rooms.map((room) => ({ ...room, ordinal: order.indexOf(room.id) + 1 })).sort(byOrdinal);
      return { ...visit, rooms: placed(visit.rooms), retiredRooms: placed(visit.retiredRooms) };
    });
  },
);
