'use server';

import { z } from 'zod';
import type { Lab } from '@/core/colour/types';
import { seededRandom } from '@/core/random';
import { SIMULATED_SURFACES, simulatedColorimeter } from '@/devices/colorimeter';

const readingSchema = z.strictObject({
  surface: z.enum(SIMULATED_SURFACES.map((s) => s.id)),
  /** Seed of the stand-in's scatter, chosen by the caller so that a reading can be repeated in a test. */
  seed: z
    .int()
    .min(0)
    .max(2 ** 32 - 1),
});

export type ReadingAnswer = { readonly ok: true; readonly lab: Lab } | { readonly ok: false; readonly reason: 'invalid' };
export type SurfaceChoice = { readonly id: string; readonly name: string };

/** The surfaces the simulated colorimeter can be put on. */
export async function colorimeterSurfaces(): Promise<SurfaceChoice[]> {
  return SIMULATED_SURFACES.map(({ id, name }) => ({ id, name }));
}

/** One reading of the simulated pocket colorimeter. */
export async function takeReading(request: unknown): Promise<ReadingAnswer> {
  const parsed = readingSchema.safeParse(request);
  if (!parsed.success) return { ok: false, reason: 'invalid' };
  const lab = await simulatedColorimeter(seededRandom(parsed.data.seed)).read(parsed.data.surface);
  return { ok: true, lab };
}
