import { z } from 'zod';
import { idSchema } from '../base/fields';
import { REASONS } from '../judge/reasons';
import { moreReasonsSchema } from '@/core/record/verdict';
import { changed, has, having } from './events';
import { roomOperation } from './operation';

/** Why a verdict was given, as many reasons as are true; the latest saying counts, and null takes it back. */
export const verdictReason = roomOperation(
  z.strictObject({
    name: z.literal('verdict.reason'),
    roomId: idSchema,
    verdictId: idSchema,
    reason: z.enum(REASONS).nullable(),
    /** What else is true of it, in order; left out by writes of before. */
    more: moreReasonsSchema,
  }),
  (room, { verdictId, reason, more }) =>
    having([['verdict', has(room.verdicts, verdictId)]], () => ({
      ...room,
      verdicts: changed(room.verdicts, verdictId, { reason, moreReasons: more }),
    })),
);
