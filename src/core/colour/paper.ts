import type { Lab } from './types';

/**
 * White papers a sample is held against, Lab (D65, 10°, daylight with ultraviolet). Typical values from memory: ordinary printer paper
 * holds optical brightener, so it is bluish in daylight and makes every sample look a touch warmer; under lamps without ultraviolet it
 * loses that.
 */
export const WHITE_PAPERS = {
  plain: { name: 'white paper without brightener', lab: { l: 95, a: -0.2, b: 2.2 } },
  brightened: { name: 'printer paper, with brightener', lab: { l: 94.5, a: 2.2, b: -8.5 } },
} as const satisfies Record<string, { name: string; lab: Lab }>;
export type Paper = keyof typeof WHITE_PAPERS;
