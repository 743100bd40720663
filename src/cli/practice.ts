import { z } from 'zod';
import { EXERCISES } from '@/core/eye/exercises';
import { measure } from '@/core/eye/threshold';

/** What `bin/core practice` is asked: an exercise of two alternatives, and what was answered so far. */
const practiceSchema = z.object({
  exercise: z.enum(EXERCISES),
  seed: z
    .int()
    .min(0)
    .max(2 ** 31),
  answers: z
    .array(z.object({ level: z.number().gt(0).max(100), right: z.boolean() }))
    .max(1000)
    .default([]),
});

/** `practice`: how far apart the next two should be, and what is known of the threshold by now. */
export function practice(request: Record<string, unknown>) {
  const { answers, seed } = practiceSchema.parse(request);
  return measure(answers, seed);
}
