import { z } from 'zod';
import { idSchema } from '../base/fields';
import { keptLightOf } from '@/core/derived/judging-light';
import { verdictSchema } from '@/core/record/verdict';
import { KEPT_LIGHTS } from '../room/facing';
import { added, has, having } from './events';
import type { Room } from '@/core/record/room';
import { roomOperation, type Refusal } from './operation';
import { everyOne } from './retire';

/** What of a verdict is said when it is given; the rest comes with the operation, or later. */
export const givenVerdictSchema = verdictSchema
  .omit({ id: true, at: true, reason: true, moreReasons: true, undone: true })
  .extend({
    light: z.enum(KEPT_LIGHTS),
    predicted: verdictSchema.shape.predicted.default(null),
    predictedIn: verdictSchema.shape.predictedIn.default(null),
    moment: verdictSchema.shape.moment.default(null),
    seen: verdictSchema.shape.seen.default(null),
    firstGlanceMs: verdictSchema.shape.firstGlanceMs.default(null),
    lookId: verdictSchema.shape.lookId.default(null),
  });

const schema = z
  .strictObject({ name: z.literal('verdict.give'), roomId: idSchema, ...givenVerdictSchema.shape })
  .refine((v) => v.moment === null || v.light === keptLightOf(v.moment), {
    path: ['light'],
    error: 'The light of a verdict is that of its moment.',
  })
  .refine((v) => (v.predicted === null) === (v.predictedIn === null), {
    path: ['predictedIn'],
    error: 'A prediction says where it was made.',
  });

type Named = Pick<z.infer<typeof schema>, 'candidateId' | 'stayId' | 'lookId'>;
/** A refusal when one of what a verdict names was taken out of the room. */
function takenOut({ retired }: Room, { candidateId, stayId, lookId }: Named): Refusal | undefined {
  if (has(retired.candidates, candidateId)) return { reason: 'taken-out', what: 'colour' };
  if (has(retired.stays, stayId)) return { reason: 'taken-out', what: 'thing that stays' };
  if (lookId !== null && has(retired.looks, lookId)) return { reason: 'taken-out', what: 'look' };
  return undefined;
}

/** An eye says what it makes of a candidate beside a thing that stays. */
export const verdictGive = roomOperation(schema, (room, { name: _, roomId: __, ...given }, { id, at }) => {
  const out = takenOut(room, given);
  if (out) return out;
  return having(
    [
      ['colour', has(everyOne(room, 'candidates'), given.candidateId)],
      ['thing that stays', has(everyOne(room, 'stays'), given.stayId)],
      ['look', given.lookId === null || has(everyOne(room, 'looks'), given.lookId)],
    ],
    () => ({ ...room, verdicts: added(room.verdicts, { id, at, ...given, reason: null, moreReasons: [], undone: false }) }),
  );
});
