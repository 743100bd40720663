import { z } from 'zod';
import { idSchema } from '../base/fields';
import { choiceIssue, signatureFields } from '@/core/record/decision';
import { added, has, having } from './events';
import { saidSoFar } from '@/core/derived/signed';
import { roomOperation } from './operation';
import { everyOne } from './retire';

const schema = z
  .strictObject({ name: z.literal('decision.sign'), roomId: idSchema, ...signatureFields })
  .superRefine(({ decided }, context) => {
    decided.forEach((one, k) => {
      const message = one.what === 'open' ? 'What is open cannot be signed.' : choiceIssue(one);
      if (message) context.addIssue({ code: 'custom', path: ['decided', k, 'what'], message });
    });
  });

/** Signs what is decided in a room: one more revision, kept as it was signed. */
export const decisionSign = roomOperation(schema, (room, { name: _, roomId: __, ...signed }, { id, at }) => {
  const candidates = everyOne(room, 'candidates');
  const there = signed.decided.every((d) => d.candidateId === null || has(candidates, d.candidateId));
  return having([['colour', there]], () => ({
    ...room,
    signatures: added(room.signatures, { id, ...signed, at, before: saidSoFar(room) }),
  }));
});
