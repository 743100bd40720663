import type { Lab } from '../colour/types';
import type { Reason } from './reasons';

/** L* apart under which two strengths of a colour are as deep as each other. Own choice. */
const AS_DEEP = 1;

/**
 * What the eye would most likely say against one strength of a colour beside its other strengths: they share the hue, so what is left is
 * too dark, too light or either. Empty when there is no other strength.
 *
 * @param others Lab of the other strengths tried, same light as `own`
 */
export function strengthReasons(own: Lab, others: readonly Lab[]): Reason[] {
  const reasons: Reason[] = [];
  if (others.some((o) => o.l > own.l + AS_DEEP)) reasons.push('too-dark');
  if (others.some((o) => o.l < own.l - AS_DEEP)) reasons.push('too-light');
  return reasons;
}

/** Likely reasons with those of the strength after the strongest, each once. */
export const withStrengthReasons = (likely: readonly Reason[], ofStrength: readonly Reason[]): Reason[] => [
  ...new Set([...likely.slice(0, 1), ...ofStrength, ...likely.slice(1)]),
];
