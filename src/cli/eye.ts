import { z } from 'zod';
import { mindsOf, sayMinds, verdictFor, type Said } from '@/core/eye/minds';
import { judgeSchema } from '@/core/judge/judge-request';
import { REASONS, VERDICTS } from '@/core/judge/reasons';
import { relationOf } from './judged-case';

/** What `bin/core eye` is asked: cases with what an eye said of them, and cases to be foretold for it. */
const eyeSchema = z.object({
  verdicts: z.array(judgeSchema.extend({ verdict: z.enum(VERDICTS), reason: z.enum(REASONS).nullish() })).max(5000),
  ask: z.array(judgeSchema).max(5000).default([]),
});

/** `eye`: how much an eye minds what, and what it would say. */
export function eye(request: Record<string, unknown>) {
  const { verdicts, ask } = eyeSchema.parse(request);
  const said = verdicts.flatMap(({ verdict, reason = null, ...of }): Said[] => {
    const relation = relationOf(of);
    return relation ? [{ relation, verdict, reason }] : [];
  });
  const minds = mindsOf(said);
  const asked = ask.map(relationOf);
  return {
    minds,
    says: sayMinds(minds),
    before: asked.map((r) => r?.verdict ?? null),
    after: asked.map((r) => r && verdictFor(r, minds)),
  };
}
