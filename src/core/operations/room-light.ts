import { z } from 'zod';
import { EACH_ONCE, eachOnce, idSchema, int32Schema } from '../base/fields';
import { roomLampSchema } from '@/core/record/lamp';
import { isSurfaceColour } from '@/core/record/recorded-colour';
import { roomLightFields } from '@/core/record/room';
import { roomLightIssues } from '@/core/derived/room-issues';
import { roomWindowSchema } from '@/core/record/window';
import { CHANGED_ELSEWHERE, roomOperation } from './operation';

const schema = z
  .strictObject({
    name: z.literal('room.light'),
    roomId: idSchema,
    revision: int32Schema,
    ...roomLightFields,
    windows: z.array(roomWindowSchema).max(16, 'At most 16 windows.').refine(eachOnce, EACH_ONCE).readonly(),
    lamps: z.array(roomLampSchema).max(24, 'At most 24 lamps.').refine(eachOnce, EACH_ONCE).readonly(),
  })
  .superRefine((room, check) => {
    for (const issue of roomLightIssues(room)) check.addIssue({ code: 'custom', path: [...issue.path], message: issue.message });
  });

/** Describes a room as its light sees it. */
export const roomLight = roomOperation(schema, (room, { name: _, roomId: __, revision, ...light }) => {
  for (const [what, colour] of [
    ['existing wall colour', light.oldWall],
    ['ceiling', light.ceiling],
  ] as const)
    if (colour && !isSurfaceColour(colour)) return { reason: 'not-a-surface-colour', what };
  return revision === room.revision ? { ...room, ...light, revision: revision + 1 } : CHANGED_ELSEWHERE;
});
