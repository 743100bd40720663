import { z } from 'zod';
import { eyeSettingsFields } from '@/core/record/eye';
import { operation } from './operation';
import { optionalOf } from './stated';

/** Says how the consultant's eye is practised and learnt from; what is left out stays as it is. */
export const eyeSet = operation(
  z.strictObject({ name: z.literal('eye.set'), ...optionalOf(eyeSettingsFields) }),
  (visit) => visit,
);
