import { z } from 'zod';
import { idSchema, instantSchema, wordsSchema } from '../base/fields';
import { VERDICTS } from '../judge/reasons';

/** Most characters of a client's words on a look card: a line or two. */
export const MOST_WORDS = 300;

/** What the client answered of a colour at a look, on a card after the visit: of the colour as a whole, not beside one thing. */
export const lookAnswerSchema = z.strictObject({
  id: idSchema,
  lookId: idSchema,
  candidateId: idSchema,
  verdict: z.enum(VERDICTS),
  words: wordsSchema(MOST_WORDS),
  /** When they looked, by their own clock. */
  lookedAt: instantSchema,
  /** The hand-out it came back to. */
  handId: idSchema,
  at: instantSchema,
  undone: z.boolean(),
});
export type LookAnswer = Readonly<z.infer<typeof lookAnswerSchema>>;

/** The latest answer to each colour at each look that was not undone: by when they looked, not by when it was read in. */
export function standingAnswers(answers: readonly LookAnswer[]): LookAnswer[] {
  const latest = new Map<string, LookAnswer>();
  for (const answer of answers) {
    if (answer.undone) continue;
    const key = `${answer.lookId} ${answer.candidateId}`;
    const before = latest.get(key);
    if (!before || before.lookedAt <= answer.lookedAt) latest.set(key, answer);
  }
  return [...latest.values()];
}
