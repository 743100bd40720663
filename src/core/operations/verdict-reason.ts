import { z } from 'zod';
import { idSchema } from '../base/fields';
import { REASONS } from '../judge/reasons';
import { changed, has, having } from './events';
import { roomOperation } from './operation';

/** Why a verdict was given; the latest counts, and null takes it back. */
export const verdictReason = roomOperation(
  z.strictObject({
    name: z.literal('verdict.reason'),
    roomId: idSchema,
    verdictId: idSchema,
    reason: z.enum(REASONS).nullable(),
  }),
  (room, { verdictId, reason }) =>
    having([['verdict', has(room.verdicts, verdictId)]], () => ({
      ...room,
      verdicts: changed(room.verdicts, verdictId, { reason }),
    })),
);
